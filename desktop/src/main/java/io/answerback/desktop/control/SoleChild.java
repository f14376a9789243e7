package io.answerback.desktop.control;

import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Control;
import javafx.scene.control.SkinBase;

/// A skin that is as large as the one node it draws with, whichever that is now.
///
/// @param <C> the control
abstract class SoleChild<C extends Control> extends SkinBase<C> {
    SoleChild(C control) {
        super(control);
    }

    private Node child() {
        return getChildren().getFirst();
    }

    private double across(double width, double left, double right) {
        return child().getContentBias() == Orientation.HORIZONTAL && width >= 0 ? width - left - right : -1;
    }

    @Override
    protected double computeMinWidth(double height, double top, double right, double bottom, double left) {
        return left + child().minWidth(-1) + right;
    }

    @Override
    protected double computePrefWidth(double height, double top, double right, double bottom, double left) {
        return left + child().prefWidth(-1) + right;
    }

    @Override
    protected double computeMinHeight(double width, double top, double right, double bottom, double left) {
        return top + child().minHeight(across(width, left, right)) + bottom;
    }

    @Override
    protected double computePrefHeight(double width, double top, double right, double bottom, double left) {
        return top + child().prefHeight(across(width, left, right)) + bottom;
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        double wide = Math.min(width, child().maxWidth(-1));
        child().resizeRelocate(
                        x,
                        y + (height - Math.min(height, child().prefHeight(wide))) / 2,
                        wide,
                        Math.min(height, child().prefHeight(wide)));
    }
}
