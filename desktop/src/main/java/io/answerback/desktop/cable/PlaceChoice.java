package io.answerback.desktop.cable;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.cores.CableCores;
import io.answerback.core.edit.CablingEdits;
import io.answerback.core.id.BoxId;
import io.answerback.core.id.EndId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelModule;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.Focus;
import io.answerback.desktop.work.OpenJob;
import java.util.Optional;
import javafx.scene.control.CheckBox;

/// Which place is looked at, and the way to the other end of its cable.
final class PlaceChoice {
    private final OpenJob openJob;
    private final CableShelf shelf;

    PlaceChoice(OpenJob openJob, CableShelf shelf) {
        this.openJob = openJob;
        this.shelf = shelf;
    }

    Flow of(BoxView view) {
        EndId here = view.box().orElseThrow().place();
        Flow row = new Flow(Choice.of(
                "Box", view.places(), here, place -> BoxView.words(openJob.now().job(), place), this::go));
        row.getStyleClass().add("switches");
        view.cable().ifPresent(cable -> row.getChildren().add(other(view, cable)));
        if (view.cable().isPresent() && view.core().isEmpty()) {
            row.getChildren().add(Words.quiet("click a core to follow it"));
        }
        metal(here).ifPresent(row.getChildren()::add);
        long undecided = openJob.now().job().cables().stream()
                .filter(cable -> cable.installation().type().isEmpty())
                .count();
        if (undecided > 0) {
            row.getChildren()
                    .add(Tool.of(
                            "Choose types for %d".formatted(undecided),
                            "give each cable without a type the smallest that is enough",
                            () -> openJob.apply(CableEdits.chooseTypes(shelf.types()))));
        }
        return row;
    }

    /// Asks of a module with an aerial what is around it.
    private Optional<CheckBox> metal(EndId here) {
        Job job = openJob.now().job();
        return (here instanceof ModuleId id ? job.module(id) : Optional.<PanelModule>empty())
                .filter(module -> job.kindOf(module).filter(ModuleKind::aerial).isPresent())
                .map(module -> {
                    CheckBox box = new CheckBox("in or beside metal");
                    box.setSelected(module.besideMetal());
                    box.setOnAction(click -> openJob.apply(CablingEdits.besideMetal(module.id(), box.isSelected())));
                    Hint.on(box, "steel around an aerial keeps radio in");
                    return box;
                });
    }

    private void go(EndId place) {
        if (place instanceof BoxId box) {
            openJob.focus(Focus.on(box));
        }
    }

    private javafx.scene.Node other(BoxView view, CableCores cable) {
        CableEnd end = cable.end() == CableEnd.NEAR ? CableEnd.FAR : CableEnd.NEAR;
        String where = view.plan()
                .at(cable.cable(), end)
                .map(box -> BoxView.words(openJob.now().job(), box.place()))
                .orElse("no box");
        return Tool.of(
                "Other end: " + where,
                "look at the other end of " + cable.id(),
                () -> openJob.focus(
                        cable.cable(),
                        end,
                        view.core().map(core -> core.colour()).orElse("")));
    }
}
