package io.answerback.desktop.cable;

import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/// The terminals of one box, the cores of the selected cable and where they go, their whole way, and the tamper
/// ring.
final class BoxSheet extends FilledSheet {
    private final Actions actions;
    private final CableStrip about;
    private final CoreTable cores;
    private final PlaceChoice places;

    BoxSheet(Actions actions, CableShelf shelf, Consumer<PrintKind> paper, InstantSource clock) {
        this.actions = actions;
        this.about = new CableStrip(actions, shelf);
        this.cores = new CoreTable(actions, clock);
        this.places = new PlaceChoice(actions, shelf);
        instrument.set(Cautions.beforeATerminal());
        instrument.add(PrintPart.nodes(paper));
    }

    @Override
    public String title() {
        return "Which core goes where";
    }

    @Override
    public String about(WindowState state) {
        return BoxView.of(state)
                .box()
                .map(box ->
                        "%s · %s, %d cores to terminate".formatted(box.title(), cables(box), box.coresToTerminate()))
                .orElse("no cable comes to a box yet");
    }

    private static String cables(BoxPlan box) {
        int count = box.cables().size();
        return count == 1 ? "1 cable" : count + " cables";
    }

    @Override
    protected void show(WindowState state) {
        BoxView view = BoxView.of(state);
        sheet.clear();
        if (view.box().isEmpty()) {
            sheet.add(FirstSteps.points(actions)
                    .orElseGet(() -> FirstSteps.modules(
                            actions,
                            "No cable comes to a box yet: its points need an input first.",
                            "Give points their inputs")));
            return;
        }
        BoxPlan box = view.box().get();
        sheet.add(places.of(view), strip(view, box));
        view.cable().ifPresent(cable -> sheet.add(cable(view, box, cable)));
        sheet.add(ringPart(box));
    }

    private Part strip(BoxView view, BoxPlan box) {
        if (!box.strip().isEmpty()) {
            return new Drawn(new StripDrawing(actions, box, view.cable(), view.core()));
        }
        return Words.empty(
                box.place() instanceof JointId
                        ? "Cores are joined here, each in a block of its own, and the lid is part of what the tamper ring goes through."
                        : "The profile does not name the terminals of this box. Uses and colours are planned all the same.");
    }

    private List<Part> cable(BoxView view, BoxPlan box, CableCores cable) {
        Part about = this.about.of(actions.now(), cable.cable(), other(view, cable));
        if (cable.cores().isEmpty()) {
            return List.of(about, Words.quiet("Choose its type, and its cores are planned."));
        }
        List<Part> parts = new ArrayList<>(List.of(about, cores.of(view, box, cable, cable.end())));
        view.path().ifPresent(way -> parts.add(new Drawn(new PathDrawing(actions, way))));
        return parts;
    }

    /// Where the other end of the cable is.
    private static String other(BoxView view, CableCores cable) {
        return cable.end() == CableEnd.NEAR
                ? "to " + view.plan().farEnd(cable.cable())
                : "from " + view.plan().boxOf(cable.id()).map(BoxPlan::title).orElse("no box yet");
    }

    private List<Part> ringPart(BoxPlan box) {
        if (!box.ring().wanted()) {
            return List.of();
        }
        Group head = Words.section("Tamper ring", "one after the other through every tamper contact, from end to end");
        List<Tool> join = box.ring().leftOut().stream().map(this::join).toList();
        return List.of(head.and(join), new Drawn(new RingDrawing(actions, box)));
    }

    private Tool join(CableId id) {
        return Tool.of(
                "Join " + id,
                "put its pair in series into the ring",
                () -> actions.apply(
                        CableEdits.installation("ring", id, installation -> installation.withInRing(true))));
    }
}
