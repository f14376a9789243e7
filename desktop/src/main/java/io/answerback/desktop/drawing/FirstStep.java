package io.answerback.desktop.drawing;

import javafx.scene.layout.VBox;

/// What an empty sheet says: what to do first, with a button that does it or leads there.
public final class FirstStep extends VBox {
    /// A first step.
    ///
    /// @param says what to do first, in one sentence
    /// @param button what stands on the button
    /// @param hint what it does, on hover and for screen readers
    public FirstStep(String says, String button, String hint, Runnable action) {
        super(Words.wrapped(Words.of("empty", says)), Tool.of(button, hint, action));
        getStyleClass().add("first-step");
    }
}
