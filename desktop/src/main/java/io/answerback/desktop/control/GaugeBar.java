package io.answerback.desktop.control;

import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;
import javafx.scene.control.SkinBase;
import javafx.scene.layout.Region;

/// How much of something is used of what there is, as a bar: full width is all there is, or all that is wanted
/// where that is more.
public final class GaugeBar extends Control {
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private double there = 1;
    private double used;

    /// An empty gauge.
    public GaugeBar() {
        getStyleClass().add("gauge");
        setFocusTraversable(false);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /// Shows how much is used.
    ///
    /// @param shareThere the share of the width that is there, from 0 to 1
    /// @param shareUsed the share of the width that is used of it, from 0 to 1
    /// @param says what it says in words, for screen readers
    public void show(double shareThere, double shareUsed, String says) {
        there = shareThere;
        used = shareUsed;
        pseudoClassStateChanged(OVER, shareThere < 1);
        setAccessibleText(says);
        requestLayout();
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new Drawn(this);
    }

    /// Draws it as three stretches.
    private static final class Drawn extends SkinBase<GaugeBar> {
        private final Region there = stretch("gauge-there");
        private final Region filled = stretch("gauge-used");
        private final Region over = stretch("gauge-over");

        Drawn(GaugeBar bar) {
            super(bar);
            getChildren().addAll(there, filled, over);
        }

        private static Region stretch(String style) {
            Region stretch = new Region();
            stretch.getStyleClass().add(style);
            stretch.setManaged(false);
            return stretch;
        }

        @Override
        protected void layoutChildren(double x, double y, double width, double height) {
            double shareThere = getSkinnable().there;
            there.resizeRelocate(x, y, width * shareThere, height);
            filled.resizeRelocate(x, y, width * getSkinnable().used, height);
            over.resizeRelocate(x + width * shareThere, y, width * (1 - shareThere), height);
        }
    }
}
