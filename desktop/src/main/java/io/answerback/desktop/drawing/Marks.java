package io.answerback.desktop.drawing;

import io.answerback.chain.Mark;
import io.answerback.check.Grade;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;

/// Draws marks: status is said by shape first, by word on hover and for screen readers, and by colour last.
public final class Marks {
    private Marks() {}

    /// The mark as a small drawing.
    ///
    /// @param says whose mark it is and what it says, such as "Loop: tight"
    /// @param radius in pixels
    public static Node of(Mark mark, String says, double radius) {
        StackPane drawn = new StackPane(shapes(mark, radius));
        drawn.getStyleClass().addAll("mark", "mark-" + mark.name().toLowerCase(java.util.Locale.ROOT));
        drawn.setAlignment(Pos.CENTER);
        drawn.setMinSize(2 * radius + 3, 2 * radius + 3);
        drawn.setMaxSize(2 * radius + 3, 2 * radius + 3);
        drawn.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        drawn.setAccessibleText(says);
        Hint.on(drawn, says);
        return drawn;
    }

    /// The mark that stands for a finding of this grade.
    public static Mark of(Grade grade) {
        return switch (grade) {
            case NOTE -> Mark.NOT_DONE;
            case TIGHT -> Mark.TIGHT;
            case WRONG -> Mark.WRONG;
        };
    }

    private static Node[] shapes(Mark mark, double radius) {
        return switch (mark) {
            case NOT_DONE -> new Node[] {ring(radius)};
            case SOUND -> new Node[] {disc(radius)};
            case TIGHT -> new Node[] {ring(radius), half(radius)};
            case WRONG -> new Node[] {diamond(radius)};
            case PROVEN -> new Node[] {disc(radius), tick(radius)};
            case STALE -> new Node[] {brokenRing(radius), tick(radius)};
        };
    }

    private static Node ring(double radius) {
        Circle ring = new Circle(radius - 0.5);
        ring.getStyleClass().add("mark-ring");
        return ring;
    }

    private static Node brokenRing(double radius) {
        Node ring = ring(radius + 0.5);
        ring.getStyleClass().add("mark-broken");
        return ring;
    }

    private static Node disc(double radius) {
        Circle disc = new Circle(radius);
        disc.getStyleClass().add("mark-disc");
        return disc;
    }

    private static Node half(double radius) {
        Arc right = new Arc(0, 0, radius - 0.5, radius - 0.5, 270, 180);
        right.setType(ArcType.CHORD);
        right.getStyleClass().add("mark-disc");
        StackPane.setAlignment(right, Pos.CENTER_RIGHT);
        right.setTranslateX(-1.5);
        return right;
    }

    private static Node diamond(double radius) {
        double r = radius * 1.15;
        Polygon diamond = new Polygon(0, -r, r, 0, 0, r, -r, 0);
        diamond.getStyleClass().add("mark-disc");
        return diamond;
    }

    private static Node tick(double radius) {
        Polyline tick = new Polyline(-0.45 * radius, 0, -0.1 * radius, 0.35 * radius, 0.5 * radius, -0.35 * radius);
        tick.getStyleClass().add("mark-tick");
        return tick;
    }
}
