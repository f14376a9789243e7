package io.answerback.desktop.drawing;

import javafx.scene.AccessibleRole;
import javafx.scene.layout.Region;

/// How much of something is used of what there is, as a bar: full width is all there is, or all that is wanted
/// where that is more.
public final class Gauge extends Region {
    private final double used;
    private final double of;
    private final Region there = new Region();
    private final Region filled = new Region();
    private final Region over = new Region();

    /// A gauge.
    ///
    /// @param says what it says in words, for screen readers
    public Gauge(double used, double of, String says) {
        this.used = used;
        this.of = of;
        getStyleClass().add("gauge");
        there.getStyleClass().add("gauge-there");
        filled.getStyleClass().add("gauge-used");
        over.getStyleClass().add("gauge-over");
        getChildren().addAll(there, filled, over);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(says);
    }

    /// The share of the width that is there, from 0 to 1.
    double shareThere() {
        return Math.max(used, of) == 0 ? 1 : of / Math.max(used, of);
    }

    /// The share of the width that is used of what is there, from 0 to 1.
    double shareUsed() {
        return Math.max(used, of) == 0 ? 0 : Math.min(used, of) / Math.max(used, of);
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        there.resizeRelocate(0, 0, width * shareThere(), height);
        filled.resizeRelocate(0, 0, width * shareUsed(), height);
        over.resizeRelocate(width * shareThere(), 0, width * (1 - shareThere()), height);
    }
}
