package io.answerback.desktop.cable;

import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Focus;
import java.util.Optional;

/// Which place is looked at, and the way to the other end of its cable.
final class PlaceChoice {
    private final Actions actions;
    private final CableShelf shelf;

    PlaceChoice(Actions actions, CableShelf shelf) {
        this.actions = actions;
        this.shelf = shelf;
    }

    Group of(BoxView view) {
        EndId here = view.box().orElseThrow().place();
        Parts row = Parts.flow(Choice.of(
                "Box", view.places(), here, place -> BoxView.words(actions.now().job(), place), this::go));
        row.style("switches");
        view.cable().ifPresent(cable -> row.add(other(view, cable)));
        if (view.cable().isPresent() && view.core().isEmpty()) {
            row.add(Words.quiet("click a core to follow it"));
        }
        metal(here).ifPresent(row::add);
        long undecided = actions.now().job().cables().stream()
                .filter(cable -> cable.installation().type().isEmpty())
                .count();
        if (undecided > 0) {
            row.add(Tool.of(
                    "Choose types for %d".formatted(undecided),
                    "give each cable without a type the smallest that is enough",
                    () -> actions.apply(CableEdits.chooseTypes(shelf.types()))));
        }
        return row.group();
    }

    /// Asks of a module with an aerial what is around it.
    private Optional<With> metal(EndId here) {
        Job job = actions.now().job();
        return (here instanceof ModuleId id ? job.module(id) : Optional.<PanelModule>empty())
                .filter(module -> job.kindOf(module).filter(ModuleKind::aerial).isPresent())
                .map(module -> new Check(
                                "in or beside metal",
                                module.besideMetal(),
                                on -> actions.apply(CablingEdits.besideMetal(module.id(), on)))
                        .hint("steel around an aerial keeps radio in"));
    }

    private void go(EndId place) {
        if (place instanceof BoxId box) {
            actions.focus(Focus.on(box));
        }
    }

    private Part other(BoxView view, CableCores cable) {
        CableEnd end = cable.end() == CableEnd.NEAR ? CableEnd.FAR : CableEnd.NEAR;
        String where = view.plan()
                .at(cable.cable(), end)
                .map(box -> BoxView.words(actions.now().job(), box.place()))
                .orElse("no box");
        return Tool.of(
                "Other end: " + where,
                "look at the other end of " + cable.id(),
                () -> actions.focus(
                        cable.cable(),
                        end,
                        view.core().map(core -> core.colour()).orElse("")));
    }
}
