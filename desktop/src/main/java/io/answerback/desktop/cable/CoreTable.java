package io.answerback.desktop.cable;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.TerminatedCore;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CoreNeed;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.core.wiring.cores.TerminationWords;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// The cores of a cable as they go at one of its ends. A click on one follows it; what was found of it can be
/// noted.
final class CoreTable {
    private static final String LOOSE = "loose";

    private final Actions actions;
    private final InstantSource clock;

    CoreTable(Actions actions, InstantSource clock) {
        this.actions = actions;
        this.clock = clock;
    }

    /// @param from the end the cable is looked at from, where a core is followed
    Part of(BoxView view, BoxPlan box, CableCores cable, CableEnd from) {
        Grid.Filling table = Grid.filling("table", "core-table");
        for (PlannedCore core : cable.cores()) {
            boolean looked = view.core().filter(core::equals).isPresent();
            table.line(core.colour(), row(box, cable, core, looked, from));
        }
        for (CoreNeed lacking : cable.lacking()) {
            table.line(
                    Marks.of(Mark.WRONG, "missing"),
                    Words.of("entry-problem", "none left"),
                    Words.quiet(lacking.words(cable.several())));
        }
        Parts all = Parts.column(table);
        view.core().ifPresent(core -> all.add(found(box, cable, core)));
        return all.group();
    }

    private List<Part> row(BoxPlan box, CableCores cable, PlannedCore core, boolean looked, CableEnd from) {
        String where = TerminationWords.of(core.termination(), box.strip());
        Optional<TerminatedCore> terminated = cable.terminated(core.colour());
        Mark mark = mark(core, where, terminated);
        Text colour = looked ? Words.of("finding-says", core.colour()) : Text.of(core.colour());
        Press follow = new Press(
                "core-row",
                "%s, %s: follow it".formatted(core.colour(), core.need().words(cable.several())),
                () -> actions.focus(cable.cable(), from, looked ? "" : core.colour()),
                List.of(Group.space().style("core-chip", "core-chip-" + CoreColour.style(core.colour())), colour));
        boolean held = core.termination() instanceof CoreTermination.Under
                || core.termination() instanceof CoreTermination.Joined;
        Text place = Words.wrapped(held ? Words.of("finding-says", where) : Text.of(where));
        String use = core.use() == CoreUse.SPARE ? "" : core.need().words(cable.several());
        return List.of(
                follow,
                Words.quiet(use),
                place,
                Marks.of(mark, mark == Mark.SOUND ? "terminated" : mark.word()),
                Words.quiet(terminated
                        .filter(its -> mark == Mark.WRONG)
                        .map(its -> "is at " + its.where())
                        .orElse("")));
    }

    private static Mark mark(PlannedCore core, String where, Optional<TerminatedCore> terminated) {
        if (core.termination() instanceof CoreTermination.Nowhere) {
            return Mark.WRONG;
        }
        if (core.termination() instanceof CoreTermination.FoldedBack) {
            return terminated.isPresent() ? Mark.WRONG : Mark.SOUND;
        }
        return terminated
                .map(its -> TerminationWords.sameNode(its.where(), where) ? Mark.SOUND : Mark.WRONG)
                .orElse(Mark.NOT_DONE);
    }

    /// Where the core that is looked at really is, and what it is really used for.
    private Group found(BoxPlan box, CableCores cable, PlannedCore core) {
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
        Parts row = Parts.flow(
                Words.quiet("%s is".formatted(core.colour())),
                Choice.of(
                        "Where %s is".formatted(core.colour()), wheres, now, its -> its, its -> put(cable, core, its)),
                Words.quiet("and is used for"),
                Choice.of(
                        "Use of %s".formatted(core.colour()),
                        Arrays.asList(CoreUse.values()),
                        core.use(),
                        CoreUse::words,
                        use -> actions.apply(CableEdits.foundUse(cable.id(), core.colour(), Optional.of(use)))));
        if (own) {
            row.add(Tool.of(
                    "As the convention has it",
                    "forget that it was found used otherwise",
                    () -> actions.apply(CableEdits.foundUse(cable.id(), core.colour(), Optional.empty()))));
        }
        row.style("switches");
        return row.group();
    }

    private void put(CableCores cable, PlannedCore core, String where) {
        actions.apply(
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
