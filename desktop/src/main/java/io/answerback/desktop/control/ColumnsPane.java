package io.answerback.desktop.control;

import io.answerback.desktop.theme.Look;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/// Parts in as many columns as there is room for, each below the column that is shortest so far.
final class ColumnsPane extends Pane {
    private static final double NARROW = 560;
    private static final double WIDE = 1000;
    private static final double GAP = 14;

    private final Look look;

    ColumnsPane(Look look) {
        this.look = look;
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private static int columns(double width) {
        return width < NARROW ? 1 : width < WIDE ? 2 : 3;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected double computePrefWidth(double height) {
        return look.px(NARROW);
    }

    @Override
    protected double computePrefHeight(double width) {
        return arrange(width < 0 ? look.px(NARROW) : width, false);
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        arrange(getWidth(), true);
    }

    /// Lays every part, or only measures them.
    ///
    /// @return how high the highest column is
    private double arrange(double width, boolean lay) {
        double gap = look.px(GAP);
        int columns = columns(width / look.px(1));
        double left = snappedLeftInset();
        double wide = (width - left - snappedRightInset() - gap * (columns - 1)) / columns;
        double[] bottoms = new double[columns];
        for (Node child : getManagedChildren()) {
            int column = shortest(bottoms);
            double high = child.prefHeight(wide);
            if (lay) {
                child.resizeRelocate(left + column * (wide + gap), snappedTopInset() + bottoms[column], wide, high);
            }
            bottoms[column] += high + gap;
        }
        double highest = 0;
        for (double bottom : bottoms) {
            highest = Math.max(highest, bottom);
        }
        return snappedTopInset() + Math.max(0, highest - gap) + snappedBottomInset();
    }

    private static int shortest(double[] bottoms) {
        int best = 0;
        for (int i = 1; i < bottoms.length; i++) {
            best = bottoms[i] < bottoms[best] ? i : best;
        }
        return best;
    }
}
