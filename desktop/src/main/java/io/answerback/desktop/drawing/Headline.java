package io.answerback.desktop.drawing;

import javafx.scene.control.Label;

/// A bench's title, which answers one question, and what it is about in smaller words beside it.
public final class Headline extends Flow {
    /// So long that it asks for all on one line, and wraps only where there is less room.
    private static final double ONE_LINE = 10_000;

    /// A title with words beside it.
    public Headline(String title, String about) {
        Label heading = new Label(title);
        heading.getStyleClass().add("bench-title");
        Label beside = new Label(about);
        beside.getStyleClass().add("bench-about");
        setPrefWrapLength(ONE_LINE);
        getStyleClass().add("headline");
        getChildren().addAll(Words.wrapped(heading), Words.wrapped(beside));
    }
}
