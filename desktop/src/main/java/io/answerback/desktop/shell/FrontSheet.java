package io.answerback.desktop.shell;

import javafx.scene.layout.StackPane;

/// A sheet that lies over the whole window until something is chosen on it. While it is visible, the job
/// under it is out of reach.
public abstract class FrontSheet extends StackPane {
    /// A sheet that is not visible yet.
    protected FrontSheet() {
        setVisible(false);
        setManaged(false);
    }

    /// Lays it over the window as it was.
    public final void showAsItWas() {
        setVisible(true);
        setManaged(true);
    }

    /// Lays it aside.
    public void hide() {
        setVisible(false);
        setManaged(false);
    }
}
