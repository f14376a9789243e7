package io.answerback.desktop.survey;

import io.answerback.core.device.KindFamily;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/// A small drawing of what sort of thing watches, for telling kinds apart at a glance. The words beside it say
/// the same.
final class PointGlyph {
    private PointGlyph() {}

    /// The drawing, on a square of `size` pixels.
    static Node of(KindFamily family, boolean wayIn, double size) {
        SVGPath drawn = new SVGPath();
        drawn.setContent(outline(family) + (wayIn ? " M -9 0 L -3 0 M -6 -3 L -3 0 L -6 3" : ""));
        drawn.getStyleClass().add("glyph");
        double scale = size / 16;
        drawn.setScaleX(scale);
        drawn.setScaleY(scale);
        StackPane square = new StackPane(drawn);
        square.getStyleClass().add("glyph-square");
        square.setMinSize(size * 1.3, size * 1.1);
        square.setMaxSize(size * 1.3, size * 1.1);
        return square;
    }

    private static String outline(KindFamily family) {
        return switch (family) {
            case DOOR -> "M 0 7 L 0 -6 M 0 -6 L 7 1 M 0 7 L 3 7";
            case WINDOW -> "M -2 -7 L -2 7 M 2 -7 L 2 7 M -2 0 L 2 0";
            case MOVEMENT -> "M -6 -6 L 6 -4 M -6 -6 L 4 2 M -6 -6 L -2 6";
            case GLASS -> "M -2 -7 L 2 -2 L -3 1 L 3 7";
            case VIBRATION -> "M -7 0 L -4 -5 L -1 5 L 2 -5 L 5 5 L 7 0";
            case HOLD_UP -> "M -6 5 L 6 5 M -4 5 L -4 0 L 4 0 L 4 5 M 0 0 L 0 -6";
            case KEY_SWITCH -> "M -6 0 L 2 0 M -4 0 L -4 4 M 2 -4 L 7 0 L 2 4 Z";
            case FIRE -> "M -5 6 L 0 -7 L 5 6 M -2 6 L 0 0 L 2 6";
            case GAS -> "M -6 4 L -2 -4 M -2 4 L 2 -4 M 2 4 L 6 -4";
            case TECHNICAL -> "M -6 -5 L 6 -5 L 6 5 L -6 5 Z M -3 0 L 3 0";
        };
    }
}
