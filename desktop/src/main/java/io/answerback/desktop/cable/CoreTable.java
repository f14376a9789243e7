package io.answerback.desktop.cable;

import io.answerback.core.cable.TerminatedCore;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.chain.Mark;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CableCores;
import io.answerback.core.cores.CoreNeed;
import io.answerback.core.cores.CoreTermination;
import io.answerback.core.cores.PlannedCore;
import io.answerback.core.cores.TerminationWords;
import io.answerback.core.practice.CoreUse;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.RowButton;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// The cores of a cable as they go at one of its ends. A click on one follows it; what was found of it can be
/// noted.
final class CoreTable {
    private static final String LOOSE = "loose";

    private final OpenJob openJob;
    private final Look look;
    private final InstantSource clock;

    CoreTable(OpenJob openJob, Look look, InstantSource clock) {
        this.openJob = openJob;
        this.look = look;
        this.clock = clock;
    }

    Node of(BoxView view, BoxPlan box, CableCores cable) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "core-table");
        int row = 0;
        for (PlannedCore core : cable.cores()) {
            boolean looked = view.core().filter(core::equals).isPresent();
            table.addRow(row++, row(box, cable, core, looked));
        }
        for (CoreNeed lacking : cable.lacking()) {
            table.addRow(
                    row++,
                    Marks.of(Mark.WRONG, "missing", look.px(4.5)),
                    Words.of("entry-problem", "none left"),
                    Words.quiet(lacking.words(cable.several())));
        }
        VBox all = new VBox(table);
        view.core().ifPresent(core -> all.getChildren().add(found(box, cable, core)));
        return all;
    }

    private Node[] row(BoxPlan box, CableCores cable, PlannedCore core, boolean looked) {
        Region chip = new Region();
        chip.getStyleClass().addAll("core-chip", "core-chip-" + CoreColour.style(core.colour()));
        String where = TerminationWords.of(core.termination(), box.strip());
        Optional<TerminatedCore> terminated = cable.terminated(core.colour());
        Mark mark = mark(core, where, terminated);
        Label colour = new Label(core.colour());
        if (looked) {
            colour.getStyleClass().add("finding-says");
        }
        var follow = new RowButton(
                "%s, %s: follow it".formatted(core.colour(), core.need().words(cable.several())),
                () -> openJob.focus(cable.cable(), cable.end(), looked ? "" : core.colour()),
                chip,
                colour);
        follow.getStyleClass().setAll("core-row");
        Label place = Words.wrapped(new Label(where));
        if (core.termination() instanceof CoreTermination.Under
                || core.termination() instanceof CoreTermination.Joined) {
            place.getStyleClass().add("finding-says");
        }
        String use = core.use() == CoreUse.SPARE ? "" : core.need().words(cable.several());
        return new Node[] {
            follow,
            Words.quiet(use),
            place,
            Marks.of(mark, mark == Mark.SOUND ? "terminated" : mark.word(), look.px(4.5)),
            Words.quiet(terminated
                    .filter(its -> mark == Mark.WRONG)
                    .map(its -> "is at " + its.where())
                    .orElse(""))
        };
    }

    private static Mark mark(PlannedCore core, String where, Optional<TerminatedCore> terminated) {
        if (core.termination() instanceof CoreTermination.Nowhere) {
            return Mark.WRONG;
        }
        if (core.termination() instanceof CoreTermination.FoldedBack) {
            return terminated.isPresent() ? Mark.WRONG : Mark.SOUND;
        }
        return terminated
                .map(its -> its.where().equals(where) ? Mark.SOUND : Mark.WRONG)
                .orElse(Mark.NOT_DONE);
    }

    /// Where the core that is looked at really is, and what it is really used for.
    private Flow found(BoxPlan box, CableCores cable, PlannedCore core) {
        List<String> wheres = new ArrayList<>(List.of(LOOSE));
        String planned = TerminationWords.of(core.termination(), box.strip());
        if (core.termination() instanceof CoreTermination.Under
                || core.termination() instanceof CoreTermination.Joined) {
            wheres.add(planned);
        }
        for (int i = 0; i < box.strip().size(); i++) {
            String where = TerminationWords.terminal(box.strip(), i);
            if (!wheres.contains(where)) {
                wheres.add(where);
            }
        }
        String now = cable.terminated(core.colour()).map(TerminatedCore::where).orElse(LOOSE);
        boolean own = cable.cable().installation().asFound().uses().containsKey(core.colour());
        Flow row = new Flow(
                Words.quiet("%s is".formatted(core.colour())),
                Choice.of(
                        "Where %s is".formatted(core.colour()), wheres, now, its -> its, its -> put(cable, core, its)),
                Words.quiet("and is used for"),
                Choice.of(
                        "Use of %s".formatted(core.colour()),
                        Arrays.asList(CoreUse.values()),
                        core.use(),
                        CoreUse::words,
                        use -> openJob.apply(CableEdits.foundUse(cable.id(), core.colour(), Optional.of(use)))));
        if (own) {
            row.getChildren()
                    .add(Tool.of(
                            "As the convention has it",
                            "forget that it was found used otherwise",
                            () -> openJob.apply(CableEdits.foundUse(cable.id(), core.colour(), Optional.empty()))));
        }
        row.getStyleClass().add("switches");
        return row;
    }

    private void put(CableCores cable, PlannedCore core, String where) {
        openJob.apply(
                where.equals(LOOSE)
                        ? CableEdits.installation(
                                core.colour() + " core",
                                cable.id(),
                                installation -> installation.withLifted(cable.end(), core.colour()))
                        : CableEdits.terminated(
                                cable.id(),
                                new TerminatedCore(cable.end(), core.colour(), where, clock.instant()),
                                false));
    }
}
