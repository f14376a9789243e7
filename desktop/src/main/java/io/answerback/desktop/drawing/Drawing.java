package io.answerback.desktop.drawing;

import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;

/// A drawing made of lines and labels, drawn anew when what it shows, its width or the size of text changes.
/// Lines and labels of the same style are taken from the drawing before, since dressing new ones costs most of
/// a picture. Lengths given to its pens are in pixels at 100 % text; labels are placed by an anchor so that no
/// figure is ever cut off.
public abstract class Drawing extends Region {
    private record Anchor(double x, double y, HPos across) {}

    private static final double LEAST_WIDTH = 240;

    private final Look look;
    private final Map<String, Deque<Node>> before = new HashMap<>();
    private final Map<String, Deque<Node>> used = new HashMap<>();
    private final List<Node> onSheet = new ArrayList<>();
    private boolean drawn;

    /// A drawing in this look.
    protected Drawing(Look look) {
        this.look = look;
        widthProperty().subscribe(this::redraw);
        heightProperty().subscribe(this::redraw);
        WhileShown.listen(this, () -> look.textPercent().subscribe(percent -> redraw()));
    }

    /// Draws everything onto an empty sheet.
    ///
    /// @param width the width there is, in pixels at 100 % text
    protected abstract void draw(double width);

    /// The least height it needs, in pixels at 100 % text.
    protected abstract double height();

    /// The height there is, in pixels at 100 % text; never less than it needs.
    protected final double heightThereIs() {
        return Math.max(height(), getHeight() / look.px(1));
    }

    /// Draws it anew with the next picture, however often it is asked to before.
    protected final void redraw() {
        drawn = false;
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return look.px(height());
    }

    @Override
    protected double computeMinHeight(double width) {
        return look.px(height());
    }

    @Override
    protected double computeMinWidth(double height) {
        return LEAST_WIDTH;
    }

    /// A straight line.
    protected final Line line(String style, double x1, double y1, double x2, double y2) {
        Line line = take(Line.class, style, Line::new);
        line.setStartX(look.px(x1));
        line.setStartY(look.px(y1));
        line.setEndX(look.px(x2));
        line.setEndY(look.px(y2));
        return line;
    }

    /// A line through several points, x and y in turn.
    protected final Polyline path(String style, double... points) {
        Polyline path = take(Polyline.class, style, Polyline::new);
        Double[] scaled = new Double[points.length];
        for (int i = 0; i < points.length; i++) {
            scaled[i] = look.px(points[i]);
        }
        path.getPoints().setAll(scaled);
        return path;
    }

    /// A rectangle.
    protected final Rectangle box(String style, double x, double y, double width, double height) {
        Rectangle box = take(Rectangle.class, style, Rectangle::new);
        box.setX(look.px(x));
        box.setY(look.px(y));
        box.setWidth(look.px(width));
        box.setHeight(look.px(height));
        return box;
    }

    /// Words with their left middle, middle or right middle at a place.
    protected final Label words(String style, String text, double x, double y, HPos across) {
        Label label = take(Label.class, style, Label::new);
        label.setText(text);
        return place(label, x, y, across);
    }

    /// Any node with its left middle, middle or right middle at a place.
    protected final <T extends Node> T place(T node, double x, double y, HPos across) {
        node.getProperties().put(Anchor.class, new Anchor(look.px(x), look.px(y), across));
        if (!onSheet.contains(node)) {
            onSheet.add(node);
        }
        return node;
    }

    /// A node of this style, from the drawing before where it had one.
    private <T extends Node> T take(Class<T> sort, String style, Supplier<T> anew) {
        String key = sort.getSimpleName() + " " + style;
        Deque<Node> left = before.get(key);
        T node = left == null || left.isEmpty() ? dressed(anew.get(), style) : sort.cast(left.poll());
        node.setOnMouseClicked(null);
        node.setMouseTransparent(false);
        used.computeIfAbsent(key, its -> new ArrayDeque<>()).add(node);
        onSheet.add(node);
        return node;
    }

    private static <T extends Node> T dressed(T node, String style) {
        node.getStyleClass().addAll(style.split(" "));
        node.setManaged(node instanceof Label);
        return node;
    }

    private void drawAnew() {
        before.clear();
        before.putAll(used);
        used.clear();
        onSheet.clear();
        draw(getWidth() / look.px(1));
        before.clear();
        getChildren().setAll(onSheet);
        applyCss();
    }

    @Override
    protected void layoutChildren() {
        if (!drawn && getWidth() >= LEAST_WIDTH) {
            drawn = true;
            drawAnew();
        }
        for (Node child : getChildren()) {
            if (child.getProperties().get(Anchor.class) instanceof Anchor anchor) {
                child.autosize();
                double width = child.getLayoutBounds().getWidth();
                double height = child.getLayoutBounds().getHeight();
                child.relocate(anchor.x() - share(anchor.across()) * width, anchor.y() - height / 2);
            }
        }
    }

    private static double share(HPos across) {
        return switch (across) {
            case LEFT -> 0;
            case CENTER -> 0.5;
            case RIGHT -> 1;
        };
    }
}
