package io.answerback.desktop.shell;

import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.theme.Look;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.StackPane;

/// Says that the file was changed outside this window, what differs, and what can be done about it.
public final class ConflictStrip extends StackPane {
    private final OutsideChanges outside;
    private final PartPane parts;

    /// Follows what a keeper finds.
    public ConflictStrip(JobKeeper keeper, Look look) {
        this.outside = keeper.outside();
        this.parts = new PartPane(look, "conflict");
        getChildren().add(parts);
        outside.conflict().subscribe(this::show);
    }

    private void show(Optional<Conflict> conflict) {
        setVisible(conflict.isPresent());
        setManaged(conflict.isPresent());
        parts.show(conflict.map(this::parts).orElse(List.of()));
    }

    private List<Part> parts(Conflict conflict) {
        Text differs = Words.wrapped(Words.of("conflict-differs", conflict.differs()));
        Parts choices = Parts.flow(Tool.of(
                        "Keep mine",
                        "saves yours; what is in the file now stays among its earlier versions",
                        outside::keepMine))
                .style("section");
        if (conflict.theirs().isPresent()) {
            choices.add(
                    Tool.of("Take theirs", "shows the file as it is now; undo brings yours back", outside::takeTheirs));
        }
        choices.add(
                Tool.of("Keep both", "saves yours beside it under another name and goes on there", outside::keepBoth));
        return List.of(
                Words.wrapped(Words.of("conflict-says", conflict.says())),
                conflict.differences().isEmpty() ? differs : differs.hint(conflict.all()),
                choices.group());
    }
}
