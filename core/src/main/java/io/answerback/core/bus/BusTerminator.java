package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import java.util.List;
import java.util.stream.Stream;

/// An end of the bus without its terminator, or a terminator where the bus does not end.
public final class BusTerminator implements JobCheck {
    /// An end of the bus has no terminator, and the profile asks for one.
    public static final Rule MISSING = new Rule(
            "bus-terminator-missing",
            Stop.BUS,
            Grade.TIGHT,
            "An end of the bus has no terminator, and the profile asks for one.",
            "Data are reflected from the open end: modules drop out now and then, more often the longer the bus is.");

    /// A terminator is fitted where the bus does not end.
    public static final Rule MISPLACED = new Rule(
            "bus-terminator-misplaced",
            Stop.BUS,
            Grade.TIGHT,
            "A terminator is fitted where the bus does not end.",
            "It loads the data of every module, and absorbs nothing.");

    @Override
    public List<Rule> rules() {
        return List.of(MISSING, MISPLACED);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        BusEnds bus = facts.of(BusEnds.FACT);
        return Stream.concat(
                bus.missing().stream().map(end -> missing(facts, bus, end)),
                bus.misplaced().stream().map(module -> misplaced(facts, bus, module)));
    }

    private static Finding missing(Facts facts, BusEnds bus, ModuleId end) {
        return MISSING.finds(
                        new Target.OfBox(end),
                        Text.of("No terminator at %s, where the bus ends", facts.nameOf(end)),
                        Text.of(
                                "The profile asks for %s across the two data cores there. %s",
                                Figures.ohms(bus.ohms()), reads(bus)),
                        "Fit it, or set the link on the board.")
                .mendedBy(TerminatorEdits.atBothEnds());
    }

    private static Finding misplaced(Facts facts, BusEnds bus, ModuleId module) {
        return MISPLACED
                .finds(
                        new Target.OfBox(module),
                        Text.of("A terminator at %s, where the bus does not end", facts.nameOf(module)),
                        Text.of(
                                "The bus ends at %s. %s",
                                Text.listed(
                                        bus.ends().stream().map(facts::nameOf).toList()),
                                reads(bus)),
                        "Remove it, or take the link off.")
                .mendedBy(TerminatorEdits.atBothEnds());
    }

    private static String reads(BusEnds bus) {
        int now = bus.terminated().size();
        return Text.of(
                "With the power off the data cores read %s and should read %s.",
                now == 0 ? "open" : Figures.ohms(bus.readsOhms(now)),
                Figures.ohms(bus.readsOhms(Math.max(1, bus.ends().size()))));
    }
}
