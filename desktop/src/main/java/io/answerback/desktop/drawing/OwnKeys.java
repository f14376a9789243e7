package io.answerback.desktop.drawing;

import javafx.scene.layout.VBox;

/// A part that takes the plain keys for itself while it has the keyboard, as a text field does; Space and the arrows
/// then work it, not the points.
public class OwnKeys extends VBox {
    /// An empty part that can have the keyboard.
    public OwnKeys() {
        setFocusTraversable(true);
    }
}
