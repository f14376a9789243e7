package io.answerback.desktop.control;

import io.answerback.desktop.part.Picture;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// A picture in the window, drawn again when it is another one, or its width or the size of text changes. Lines
/// and labels stay where they are and change, since dressing new ones costs most of a picture.
public final class PictureView extends Region {
    private static final double LEAST_WIDTH = 240;

    private final Look look;
    private final NodePen pen;
    private Picture picture;
    private String style = "";
    private boolean drawn;

    PictureView(Look look, PartNodes partNodes) {
        this.look = look;
        this.pen = new NodePen(look, partNodes);
        widthProperty().subscribe(this::redraw);
        heightProperty().subscribe(this::redraw);
        WhileShown.listen(this, () -> look.textPercent().subscribe(percent -> redraw()));
    }

    /// Shows a picture in a window of this look.
    public static PictureView of(Look look, Picture picture) {
        PictureView view = new PictureView(look, new PartNodes(look));
        view.show(picture);
        return view;
    }

    void show(Picture other) {
        picture = other;
        if (!other.style().equals(style)) {
            getStyleClass().setAll(other.style());
            style = other.style();
        }
        VBox.setVgrow(this, other.fillsHeight() ? Priority.ALWAYS : null);
        redraw();
    }

    /// Draws it with the next frame, however often it is asked to before.
    private void redraw() {
        drawn = false;
        requestLayout();
    }

    @Override
    public Orientation getContentBias() {
        return null;
    }

    @Override
    protected double computePrefHeight(double width) {
        return look.px(picture.height());
    }

    @Override
    protected double computeMinHeight(double width) {
        return look.px(picture.height());
    }

    @Override
    protected double computeMinWidth(double height) {
        return LEAST_WIDTH;
    }

    private void drawAnew() {
        List<Node> nodes = pen.draw(picture, getWidth() / look.px(1), getHeight() / look.px(1));
        KeptNode.put(nodes, getChildren());
        setAccessibleText(picture.says().isEmpty() ? null : picture.says());
        applyCss();
    }

    @Override
    protected void layoutChildren() {
        if (!drawn && getWidth() >= LEAST_WIDTH) {
            drawn = true;
            drawAnew();
        }
        pen.lay(getChildren());
    }
}
