package io.answerback.desktop.survey;

import io.answerback.core.model.device.KindFamily;
import io.answerback.desktop.part.Glyph;

/// A small drawing of what sort of thing watches, for telling kinds apart at a glance. The words beside it say
/// the same.
final class PointGlyph {
    private PointGlyph() {}

    /// The drawing, on a square of this size in pixels at 100 % text.
    static Glyph of(KindFamily family, boolean wayIn, double size) {
        return new Glyph(outline(family) + (wayIn ? " M -9 0 L -3 0 M -6 -3 L -3 0 L -6 3" : ""), size);
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
