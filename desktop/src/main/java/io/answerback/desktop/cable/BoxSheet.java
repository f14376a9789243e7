package io.answerback.desktop.cable;

import io.answerback.chain.Mark;
import io.answerback.cores.BoxPlan;
import io.answerback.cores.CableCores;
import io.answerback.cores.Landing;
import io.answerback.cores.LandingWords;
import io.answerback.cores.PlannedCore;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.edit.CableEdits;
import io.answerback.job.CableType;
import io.answerback.job.CoreUse;
import io.answerback.job.LandedCore;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/// The terminals of one box, the cores of the selected cable and where they go, and the tamper ring.
final class BoxSheet extends Sheet {
    private final Desk desk;
    private final Look look;
    private final List<CableType> types;
    private final StripDrawing strip;
    private final RingDrawing ring;
    private final CableStrip about;

    BoxSheet(Desk desk, Look look, List<CableType> types, PrintPart print) {
        this.desk = desk;
        this.look = look;
        this.types = types;
        this.strip = new StripDrawing(desk, look);
        this.ring = new RingDrawing(desk, look);
        this.about = new CableStrip(desk, types);
        instrument.getChildren().setAll(Cautions.beforeATerminal());
        instrument.getChildren().addAll(print.nodes());
    }

    @Override
    public String title() {
        return "Which core goes where";
    }

    @Override
    public String about(DeskState state) {
        return BoxView.of(state)
                .box()
                .map(box -> "%s · %d cables, %d cores to land"
                        .formatted(box.module(), box.cables().size(), box.coresToLand()))
                .orElse("no cable comes to a box yet");
    }

    @Override
    public void show(DeskState state) {
        BoxView view = BoxView.of(state);
        sheet.getChildren().clear();
        if (view.box().isEmpty()) {
            sheet.getChildren()
                    .add(Words.wrapped(
                            Words.of("empty", "No cable comes to a box: points need an input and a cable first.")));
            return;
        }
        BoxPlan box = view.box().get();
        sheet.getChildren().add(boxes(view, box));
        if (box.strip().isEmpty()) {
            sheet.getChildren()
                    .add(
                            Words.wrapped(
                                    Words.of(
                                            "empty",
                                            "The profile does not name the terminals of this box. Uses and colours are planned all the same.")));
        } else {
            strip.show(box, view.cable());
            sheet.getChildren().add(strip);
        }
        view.cable().ifPresent(cable -> sheet.getChildren().addAll(cable(box, cable)));
        sheet.getChildren().addAll(ringPart(box));
    }

    private Flow boxes(BoxView view, BoxPlan box) {
        List<String> names = view.plan().boxes().stream().map(BoxPlan::module).toList();
        Flow row = new Flow(Switch.bare(
                "Box",
                names,
                box.module(),
                its -> its,
                name -> view.plan().boxes().stream()
                        .filter(its -> its.module().equals(name))
                        .findFirst()
                        .ifPresent(its ->
                                desk.select(its.cables().getFirst().point().id()))));
        row.getStyleClass().add("switches");
        long undecided = desk.now().job().cables().stream()
                .filter(cable -> cable.laying().type().isEmpty())
                .count();
        if (undecided > 0) {
            row.getChildren()
                    .add(Tool.of(
                            "Choose types for %d".formatted(undecided),
                            "give each cable without a type the smallest that is enough",
                            () -> desk.apply(CableEdits.chooseTypes(types))));
        }
        return row;
    }

    private List<Node> cable(BoxPlan box, CableCores cable) {
        Node strip = about.of(cable.cable(), cable.point().name());
        if (cable.cores().isEmpty()) {
            return List.of(strip, Words.quiet("Choose its type, and its cores are planned."));
        }
        return List.of(strip, cores(box, cable));
    }

    private GridPane cores(BoxPlan box, CableCores cable) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "core-table");
        int row = 0;
        for (PlannedCore core : cable.cores()) {
            table.addRow(row++, core(box, cable, core));
        }
        for (var lacking : cable.lacking()) {
            table.addRow(
                    row++,
                    Marks.of(Mark.WRONG, "missing", look.px(4.5)),
                    Words.of("entry-problem", "none left"),
                    Words.quiet(lacking.words()));
        }
        return table;
    }

    private Node[] core(BoxPlan box, CableCores cable, PlannedCore core) {
        Region chip = new Region();
        chip.getStyleClass().addAll("core-chip", "core-chip-" + CoreColour.style(core.colour()));
        String where = LandingWords.of(core.landing(), box.strip());
        Optional<LandedCore> landed = cable.cable().laying().landed(core.colour());
        Mark mark = mark(core, where, landed);
        Label place = Words.wrapped(new Label(where));
        if (core.landing() instanceof Landing.Under || core.landing() instanceof Landing.Joined) {
            place.getStyleClass().add("finding-says");
        }
        if (core.landing() instanceof Landing.Joined joined) {
            place.setOnMouseClicked(click -> follow(box, joined));
        }
        return new Node[] {
            chip,
            new Label(core.colour()),
            Words.quiet(core.use() == CoreUse.SPARE ? "" : core.use().words()),
            place,
            Marks.of(mark, mark == Mark.SOUND ? "in place" : mark.word(), look.px(4.5))
        };
    }

    private static Mark mark(PlannedCore core, String where, Optional<LandedCore> landed) {
        if (core.landing() instanceof Landing.Nowhere) {
            return Mark.WRONG;
        }
        if (core.landing() instanceof Landing.FoldedBack) {
            return Mark.SOUND;
        }
        return landed.map(its -> its.where().equals(where) ? Mark.SOUND : Mark.WRONG)
                .orElse(Mark.NOT_DONE);
    }

    private void follow(BoxPlan box, Landing.Joined joined) {
        box.cables().stream()
                .filter(cable -> cable.cable().id().equals(joined.cableId()))
                .findFirst()
                .ifPresent(cable -> desk.select(cable.point().id()));
    }

    private List<Node> ringPart(BoxPlan box) {
        if (!box.ring().wanted()) {
            return List.of();
        }
        ring.show(box);
        Flow head = Words.section("Tamper ring", "one after the other through every cover, from terminal to terminal");
        for (String id : box.ring().leftOut()) {
            head.getChildren()
                    .add(Tool.of(
                            "Join " + id,
                            "put its pair in series into the ring",
                            () -> desk.apply(CableEdits.laying("ring", id, laying -> laying.withInRing(true)))));
        }
        return List.of(head, ring);
    }
}
