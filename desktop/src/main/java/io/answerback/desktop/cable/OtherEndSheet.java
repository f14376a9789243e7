package io.answerback.desktop.cable;

import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The other end of the cable that is looked at, beside the box where its near end is: its terminals, and where
/// each core goes there.
final class OtherEndSheet extends PartSheet {
    private final Actions actions;
    private final CoreTable cores;

    OtherEndSheet(Actions actions, InstantSource clock) {
        this.actions = actions;
        this.cores = new CoreTable(actions, clock);
    }

    @Override
    public String title() {
        return "The other end";
    }

    @Override
    public String about(WindowState state) {
        return BoxView.of(state)
                .otherEnd()
                .flatMap(BoxView::box)
                .map(box -> BoxView.words(state.job(), box.place()))
                .orElse("");
    }

    @Override
    public List<Part> middle(WindowState state) {
        BoxView here = BoxView.of(state);
        Optional<BoxView> other = here.otherEnd();
        if (other.isEmpty()) {
            return List.of(Words.wrapped(Words.quiet(
                    here.cable().isEmpty()
                            ? "Choose a cable, and its other end is shown here."
                            : "The other end of this cable is not assigned yet.")));
        }
        BoxView view = other.get();
        BoxPlan box = view.box().orElseThrow();
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section(
                BoxView.words(state.job(), box.place()),
                view.cable().map(its -> "cable " + its.id()).orElse("")));
        if (!box.strip().isEmpty()) {
            parts.add(new Drawn(new StripDrawing(actions, box, view.cable(), view.core())));
        }
        CableCores cable = here.cable().orElseThrow();
        view.cable()
                .filter(its -> !its.cores().isEmpty())
                .ifPresent(its -> parts.add(cores.of(view, box, its, cable.end())));
        return parts;
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of();
    }
}
