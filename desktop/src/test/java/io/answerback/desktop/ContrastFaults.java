package io.answerback.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Paint;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;

/// Finds words that stand out too little from what is painted behind them: less than 4.5 to 1, or 3 to 1 for large
/// letters (WCAG 2.2, success criterion 1.4.3). Computed from the styles that hold, without a picture.
final class ContrastFaults {
    private static final double LEAST = 4.5;
    private static final double LEAST_LARGE = 3;
    private static final double LARGE_PIXELS = 24;

    /// Something painted, in the order in which it is painted.
    private record Painted(Node node, Bounds seen, double opacity) {}

    private final List<Painted> painted = new ArrayList<>();

    private ContrastFaults() {}

    /// Each word that is hard to read, with its contrast and what it is in.
    static List<String> in(Parent root) {
        ContrastFaults faults = new ContrastFaults();
        faults.add(root, root.localToScene(root.getLayoutBounds()), 1);
        return faults.found();
    }

    private void add(Node node, Bounds clip, double opacity) {
        Bounds own = node.localToScene(node.getBoundsInLocal());
        Bounds seen = common(own, node.getClip() == null ? clip : common(clip, clipOf(node)));
        double whole = opacity * node.getOpacity();
        if (!node.isVisible() || seen.isEmpty()) {
            return;
        }
        painted.add(new Painted(node, seen, whole));
        if (node instanceof Parent parent) {
            Bounds inside = node.getClip() == null ? clip : seen;
            parent.getChildrenUnmodifiable().forEach(child -> add(child, inside, whole));
        }
    }

    private static Bounds clipOf(Node node) {
        return node.localToScene(node.getClip().getBoundsInParent());
    }

    private static Bounds common(Bounds one, Bounds other) {
        double x = Math.max(one.getMinX(), other.getMinX());
        double y = Math.max(one.getMinY(), other.getMinY());
        return new BoundingBox(
                x, y, Math.min(one.getMaxX(), other.getMaxX()) - x, Math.min(one.getMaxY(), other.getMaxY()) - y);
    }

    private List<String> found() {
        List<String> found = new ArrayList<>();
        for (int i = 0; i < painted.size(); i++) {
            if (painted.get(i).node() instanceof Text text && !text.getText().isBlank()) {
                check(text, i, found);
            }
        }
        return found;
    }

    private void check(Text text, int order, List<String> found) {
        Painted its = painted.get(order);
        if (!(text.getFill() instanceof Color fill)) {
            return;
        }
        Color behind =
                behind(order, new Point2D(its.seen().getCenterX(), its.seen().getCenterY()));
        double contrast = contrast(over(fill, its.opacity(), behind), behind);
        double least = text.getFont().getSize() >= LARGE_PIXELS ? LEAST_LARGE : LEAST;
        if (contrast < least) {
            found.add(String.format(
                    Locale.ROOT,
                    "%.2f:1 \"%s\" in %s",
                    contrast,
                    text.getText(),
                    text.getParent().getStyleClass()));
        }
    }

    private Color behind(int order, Point2D at) {
        Color color = Color.WHITE;
        for (int i = 0; i < order; i++) {
            Painted under = painted.get(i);
            if (!under.seen().contains(at)) {
                continue;
            }
            if (under.node() instanceof Region region && region.getBackground() != null) {
                for (BackgroundFill fill : region.getBackground().getFills()) {
                    color = over(color(fill.getFill()), under.opacity(), color);
                }
            } else if (under.node() instanceof Shape shape
                    && !(shape instanceof Text)
                    && shape.getFill() != null
                    && shape.contains(shape.sceneToLocal(at))) {
                color = over(color(shape.getFill()), under.opacity(), color);
            }
        }
        return color;
    }

    private static Color color(Paint paint) {
        return switch (paint) {
            case Color color -> color;
            case LinearGradient gradient -> gradient.getStops().getLast().getColor();
            default -> Color.TRANSPARENT;
        };
    }

    private static Color over(Color upper, double opacity, Color lower) {
        double share = upper.getOpacity() * opacity;
        return Color.color(
                mixed(upper.getRed(), lower.getRed(), share),
                mixed(upper.getGreen(), lower.getGreen(), share),
                mixed(upper.getBlue(), lower.getBlue(), share));
    }

    private static double mixed(double upper, double lower, double share) {
        return Math.clamp(upper * share + lower * (1 - share), 0, 1);
    }

    /// The contrast of two colours by WCAG 2.2: (lighter + 0.05) / (darker + 0.05) of their relative luminances.
    static double contrast(Color one, Color other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(Color color) {
        return 0.2126 * linear(color.getRed()) + 0.7152 * linear(color.getGreen()) + 0.0722 * linear(color.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }
}
