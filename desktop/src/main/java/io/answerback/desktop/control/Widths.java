package io.answerback.desktop.control;

import io.answerback.desktop.part.With;
import io.answerback.desktop.theme.Look;
import javafx.scene.layout.Region;

/// How wide a part stands in its place.
final class Widths {
    private Widths() {}

    /// Gives a node the width its part asks for, and takes off what an earlier part asked for.
    static void set(Region region, With with, Look look) {
        boolean asks = with.width() > 0 || with.keepsWidth();
        boolean asked = Boolean.TRUE.equals(region.getProperties().put(Widths.class, asks));
        if (with.width() > 0) {
            region.setMinWidth(look.px(with.width()));
            region.setPrefWidth(look.px(with.width()));
        } else if (with.keepsWidth()) {
            region.setMinWidth(Region.USE_PREF_SIZE);
        } else if (asked) {
            region.setMinWidth(Region.USE_COMPUTED_SIZE);
            region.setPrefWidth(Region.USE_COMPUTED_SIZE);
        }
    }
}
