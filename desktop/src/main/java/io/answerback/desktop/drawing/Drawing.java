package io.answerback.desktop.drawing;

import io.answerback.desktop.theme.Look;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;

/// A drawing made of lines and labels, drawn anew when what it shows, its width or the size of text changes.
/// Lengths given to its pens are in pixels at 100 % text; labels are placed by an anchor so that no figure is
/// ever cut off.
public abstract class Drawing extends Region {
    private record Anchor(double x, double y, HPos across) {}

    private static final double LEAST_WIDTH = 240;

    private final Look look;
    private boolean drawn;

    /// A drawing in this look.
    protected Drawing(Look look) {
        this.look = look;
        widthProperty().subscribe(this::redraw);
        heightProperty().subscribe(this::redraw);
        look.textPercent().subscribe(this::redraw);
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
        Line line = new Line(look.px(x1), look.px(y1), look.px(x2), look.px(y2));
        return add(line, style);
    }

    /// A line through several points, x and y in turn.
    protected final Polyline path(String style, double... points) {
        double[] scaled = new double[points.length];
        for (int i = 0; i < points.length; i++) {
            scaled[i] = look.px(points[i]);
        }
        return add(new Polyline(scaled), style);
    }

    /// A rectangle.
    protected final Rectangle box(String style, double x, double y, double width, double height) {
        return add(new Rectangle(look.px(x), look.px(y), look.px(width), look.px(height)), style);
    }

    /// Words with their left middle, middle or right middle at a place.
    protected final Label words(String style, String text, double x, double y, HPos across) {
        Label label = new Label(text);
        return place(add(label, style), x, y, across);
    }

    /// Any node with its left middle, middle or right middle at a place.
    protected final <T extends Node> T place(T node, double x, double y, HPos across) {
        node.getProperties().put(Anchor.class, new Anchor(look.px(x), look.px(y), across));
        if (!getChildren().contains(node)) {
            getChildren().add(node);
        }
        return node;
    }

    private <T extends Node> T add(T node, String style) {
        node.getStyleClass().addAll(style.split(" "));
        node.setManaged(node instanceof Label);
        getChildren().add(node);
        return node;
    }

    @Override
    protected void layoutChildren() {
        if (!drawn && getWidth() >= LEAST_WIDTH) {
            drawn = true;
            getChildren().clear();
            draw(getWidth() / look.px(1));
            applyCss();
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
