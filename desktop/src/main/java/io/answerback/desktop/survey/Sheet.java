package io.answerback.desktop.survey;

import io.answerback.desktop.desk.DeskState;
import javafx.scene.Node;

/// One sheet of the survey: what stands in the middle, and the instrument beside it.
interface Sheet {
    /// The question it answers, as a title.
    String title();

    /// What the title is about in this state, in a few words.
    String about(DeskState state);

    /// What stands in the middle.
    Node node();

    /// What stands at the head of the side sheet.
    Node instrument();

    /// Shows another state. Called on the JavaFX thread whenever the state changes while the sheet lies on top.
    void show(DeskState state);
}
