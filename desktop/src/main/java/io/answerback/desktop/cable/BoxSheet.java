package io.answerback.desktop.cable;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CableCores;
import io.answerback.core.id.CableId;
import io.answerback.core.id.JointId;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;

/// The terminals of one box, the cores of the selected cable and where they go, their whole way, and the tamper
/// ring.
final class BoxSheet extends Sheet {
    private final OpenJob openJob;
    private final StripDrawing strip;
    private final RingDrawing ring;
    private final PathDrawing path;
    private final CableStrip about;
    private final CoreTable cores;
    private final PlaceChoice places;

    BoxSheet(OpenJob openJob, Look look, CableShelf shelf, Consumer<PrintKind> paper, InstantSource clock) {
        this.openJob = openJob;
        this.strip = new StripDrawing(openJob, look);
        this.ring = new RingDrawing(openJob, look);
        this.path = new PathDrawing(openJob, look);
        this.about = new CableStrip(openJob, shelf);
        this.cores = new CoreTable(openJob, look, clock);
        this.places = new PlaceChoice(openJob, shelf);
        instrument.getChildren().setAll(Cautions.beforeATerminal());
        instrument.getChildren().addAll(PrintPart.nodes(paper));
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
    public void show(WindowState state) {
        BoxView view = BoxView.of(state);
        sheet.getChildren().clear();
        if (view.box().isEmpty()) {
            sheet.getChildren()
                    .add(FirstSteps.points(openJob)
                            .orElseGet(() -> FirstSteps.modules(
                                    openJob,
                                    "No cable comes to a box yet: its points need an input first.",
                                    "Give points their inputs")));
            return;
        }
        BoxPlan box = view.box().get();
        sheet.getChildren().addAll(places.of(view), strip(view, box));
        view.cable().ifPresent(cable -> sheet.getChildren().addAll(cable(view, box, cable)));
        sheet.getChildren().addAll(ringPart(box));
    }

    private Node strip(BoxView view, BoxPlan box) {
        if (!box.strip().isEmpty()) {
            strip.show(box, view.cable(), view.core());
            return strip;
        }
        return Words.wrapped(
                Words.of(
                        "empty",
                        box.place() instanceof JointId
                                ? "Cores are joined here, each in a block of its own, and the lid is part of what the tamper ring goes through."
                                : "The profile does not name the terminals of this box. Uses and colours are planned all the same."));
    }

    private List<Node> cable(BoxView view, BoxPlan box, CableCores cable) {
        Node about = this.about.of(cable.cable(), other(view, cable));
        if (cable.cores().isEmpty()) {
            return List.of(about, Words.quiet("Choose its type, and its cores are planned."));
        }
        return view.path()
                .<List<Node>>map(way -> {
                    path.show(way);
                    return List.of(about, cores.of(view, box, cable), path);
                })
                .orElseGet(() -> List.of(about, cores.of(view, box, cable)));
    }

    /// Where the other end of the cable is.
    private static String other(BoxView view, CableCores cable) {
        return cable.end() == CableEnd.NEAR
                ? "to " + view.plan().farEnd(cable.cable())
                : "from " + view.plan().boxOf(cable.id()).map(BoxPlan::title).orElse("no box yet");
    }

    private List<Node> ringPart(BoxPlan box) {
        if (!box.ring().wanted()) {
            return List.of();
        }
        ring.show(box);
        Flow head = Words.section("Tamper ring", "one after the other through every tamper contact, from end to end");
        for (CableId id : box.ring().leftOut()) {
            head.getChildren()
                    .add(Tool.of(
                            "Join " + id,
                            "put its pair in series into the ring",
                            () -> openJob.apply(CableEdits.installation(
                                    "ring", id, installation -> installation.withInRing(true)))));
        }
        return List.of(head, ring);
    }
}
