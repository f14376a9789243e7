package io.answerback.desktop.survey;

import io.answerback.desktop.desk.DeskState;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/// One sheet of the survey: what stands in the middle, and the instrument beside it.
abstract class Sheet {
    /// What stands in the middle, from top to bottom.
    protected final VBox sheet = new VBox();
    /// What stands at the head of the side sheet.
    protected final VBox instrument = new VBox();

    Sheet() {
        sheet.getStyleClass().add("sheet");
        instrument.getStyleClass().add("instrument");
    }

    final Node node() {
        return sheet;
    }

    final Node instrument() {
        return instrument;
    }

    /// The question it answers, as a title.
    abstract String title();

    /// What the title is about in this state, in a few words.
    abstract String about(DeskState state);

    /// Shows another state. Called on the JavaFX thread whenever the state changes while the sheet lies on top.
    abstract void show(DeskState state);
}
