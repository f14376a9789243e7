package io.answerback.desktop.control;

import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Pen;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.theme.Look;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;

/// Draws with the nodes of a window, each taken from the picture before where it had one of the same sort and
/// style. Labels are placed by an anchor so that no figure is ever cut off.
final class NodePen implements Pen {
    private record Anchor(double x, double y, Across across) {}

    private final Look look;
    private final PartNodes partNodes;
    private final Map<String, Deque<Node>> before = new HashMap<>();
    private final Map<String, Deque<Node>> used = new HashMap<>();
    private final Map<String, Deque<KeptNode>> placedBefore = new HashMap<>();
    private final Map<String, Deque<KeptNode>> placed = new HashMap<>();
    private final List<Node> onSheet = new ArrayList<>();

    NodePen(Look look, PartNodes partNodes) {
        this.look = look;
        this.partNodes = partNodes;
    }

    /// Draws a picture.
    ///
    /// @return its nodes, the lowest first
    List<Node> draw(Picture picture, double width, double height) {
        renew(before, used);
        renew(placedBefore, placed);
        onSheet.clear();
        picture.drawWith(this, width, height);
        before.clear();
        placedBefore.clear();
        return onSheet;
    }

    private static <T> void renew(Map<String, Deque<T>> old, Map<String, Deque<T>> now) {
        old.clear();
        old.putAll(now);
        now.clear();
    }

    /// Puts labels and parts at their places.
    void lay(List<Node> nodes) {
        for (Node node : nodes) {
            if (node.getProperties().get(Anchor.class) instanceof Anchor anchor) {
                node.autosize();
                double width = node.getLayoutBounds().getWidth();
                double height = node.getLayoutBounds().getHeight();
                node.relocate(anchor.x() - anchor.across().share() * width, anchor.y() - height / 2);
            }
        }
    }

    @Override
    public Item line(String style, double x1, double y1, double x2, double y2) {
        Line line = take(Line.class, style, Line::new);
        line.setStartX(look.px(x1));
        line.setStartY(look.px(y1));
        line.setEndX(look.px(x2));
        line.setEndY(look.px(y2));
        return new NodeItem(line);
    }

    @Override
    public Item path(String style, double... points) {
        Polyline path = take(Polyline.class, style, Polyline::new);
        List<Double> scaled = new ArrayList<>(points.length);
        for (double point : points) {
            scaled.add(look.px(point));
        }
        if (!scaled.equals(path.getPoints())) {
            path.getPoints().setAll(scaled);
        }
        return new NodeItem(path);
    }

    @Override
    public Item box(String style, double x, double y, double width, double height) {
        Rectangle box = take(Rectangle.class, style, Rectangle::new);
        box.setX(look.px(x));
        box.setY(look.px(y));
        box.setWidth(look.px(width));
        box.setHeight(look.px(height));
        return new NodeItem(box);
    }

    @Override
    public Item words(String style, String text, double x, double y, Across across) {
        Label label = take(Label.class, style, Label::new);
        label.setText(text);
        anchor(label, x, y, across);
        return new NodeItem(label);
    }

    @Override
    public Item place(Part part, double x, double y, Across across) {
        String key = PartKeys.of(part);
        Deque<KeptNode> left = placedBefore.get(key);
        KeptNode its = left == null || left.isEmpty() ? new KeptNode(partNodes, part) : left.poll();
        its.show(part);
        placed.computeIfAbsent(key, name -> new ArrayDeque<>()).add(its);
        Node node = its.node();
        anchor(node, x, y, across);
        node.setMouseTransparent(false);
        onSheet.add(node);
        return new NodeItem(node);
    }

    private void anchor(Node node, double x, double y, Across across) {
        node.getProperties().put(Anchor.class, new Anchor(look.px(x), look.px(y), across));
    }

    /// A node of this style, from the picture before where it had one.
    private <T extends Node> T take(Class<T> sort, String style, Supplier<T> anew) {
        String key = sort.getSimpleName() + " " + style;
        Deque<Node> left = before.get(key);
        T node = left == null || left.isEmpty() ? dressed(anew.get(), style) : sort.cast(left.poll());
        NodeItem.renew(node);
        used.computeIfAbsent(key, its -> new ArrayDeque<>()).add(node);
        onSheet.add(node);
        return node;
    }

    private static <T extends Node> T dressed(T node, String style) {
        node.getStyleClass().addAll(style.split(" "));
        node.setManaged(node instanceof Label);
        return node;
    }
}
