package io.answerback.desktop.control;

import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/// A small drawing on a square, which hides the line it stands on.
final class GlyphSquare extends StackPane {
    private static final double OUTLINE_SIZE = 16;
    private static final double WIDTH_SHARE = 1.3;
    private static final double HEIGHT_SHARE = 1.1;

    private final SVGPath drawn = new SVGPath();

    GlyphSquare() {
        drawn.getStyleClass().add("glyph");
        getStyleClass().add("glyph-square");
        getChildren().add(drawn);
    }

    void show(String outline, double pixels) {
        drawn.setContent(outline);
        drawn.setScaleX(pixels / OUTLINE_SIZE);
        drawn.setScaleY(pixels / OUTLINE_SIZE);
        setMinSize(pixels * WIDTH_SHARE, pixels * HEIGHT_SHARE);
        setMaxSize(pixels * WIDTH_SHARE, pixels * HEIGHT_SHARE);
    }
}
