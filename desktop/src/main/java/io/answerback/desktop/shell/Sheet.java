package io.answerback.desktop.shell;

import io.answerback.desktop.work.WindowState;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/// One of the sheets of a bench: what stands in the middle, and the instrument beside it.
public abstract class Sheet {
    /// What stands in the middle, from top to bottom.
    protected final VBox sheet = new VBox();
    /// What stands at the head of the side sheet.
    protected final VBox instrument = new VBox();

    /// An empty sheet.
    protected Sheet() {
        sheet.getStyleClass().add("sheet");
        instrument.getStyleClass().add("instrument");
    }

    /// What stands in the middle.
    public final Node node() {
        return sheet;
    }

    /// What stands at the head of the side sheet.
    public final Node instrument() {
        return instrument;
    }

    /// The question it answers, as a title.
    public abstract String title();

    /// What the title is about in this state, in a few words.
    public abstract String about(WindowState state);

    /// Shows another state. Called on the JavaFX thread whenever the state changes while the sheet lies on top.
    public abstract void show(WindowState state);
}
