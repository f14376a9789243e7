package io.answerback.desktop.shell;

import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// Says that the file was changed outside this window, what differs, and what can be done about it.
public final class ConflictStrip extends VBox {
    private final OutsideChanges outside;

    /// Follows what a keeper finds.
    public ConflictStrip(JobKeeper keeper) {
        this.outside = keeper.outside();
        getStyleClass().add("conflict");
        outside.conflict().subscribe(this::show);
    }

    private void show(Optional<Conflict> conflict) {
        setVisible(conflict.isPresent());
        setManaged(conflict.isPresent());
        getChildren().clear();
        conflict.ifPresent(this::fill);
    }

    private void fill(Conflict conflict) {
        Label differs = Words.wrapped(Words.of("conflict-differs", conflict.differs()));
        if (!conflict.differences().isEmpty()) {
            Hint.on(differs, conflict.all());
        }
        Flow choices = new Flow(Tool.of(
                "Keep mine",
                "saves yours; what is in the file now stays among its earlier versions",
                outside::keepMine));
        if (conflict.theirs().isPresent()) {
            choices.getChildren()
                    .add(Tool.of(
                            "Take theirs", "shows the file as it is now; undo brings yours back", outside::takeTheirs));
        }
        choices.getChildren()
                .add(Tool.of(
                        "Keep both", "saves yours beside it under another name and goes on there", outside::keepBoth));
        choices.getStyleClass().add("section");
        getChildren().addAll(Words.wrapped(Words.of("conflict-says", conflict.says())), differs, choices);
    }
}
