package io.answerback.desktop.drawing;

import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;

/// A bench's title, which answers one question, and what it is about in smaller words beside it.
public final class Headline extends FlowPane {
    /// A title with words beside it.
    public Headline(String title, String about) {
        Label heading = new Label(title);
        heading.getStyleClass().add("bench-title");
        Label beside = new Label(about);
        beside.getStyleClass().add("bench-about");
        getStyleClass().add("headline");
        getChildren().addAll(heading, beside);
    }
}
