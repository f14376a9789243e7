package io.answerback.core.bus;

import io.answerback.core.common.Figures;
import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.id.ModuleId;
import io.answerback.core.memo.Facts;
import java.util.List;
import java.util.stream.Stream;

/// An end of the bus without its resistor, or a resistor where the bus does not end.
public final class BusTerminator implements JobCheck {
    /// An end of the bus has no resistor across its data cores, and the profile asks for one.
    public static final Rule MISSING = new Rule(
            "bus-terminator-missing",
            Stop.BUS,
            Grade.TIGHT,
            "An end of the bus has no resistor across its data cores, and the profile asks for one.",
            "Data are thrown back from the open end: modules drop out now and then, and the more the longer the bus is.");

    /// A resistor is across the data cores of the bus where it does not end.
    public static final Rule MISPLACED = new Rule(
            "bus-terminator-misplaced",
            Stop.BUS,
            Grade.TIGHT,
            "A resistor is across the data cores of the bus where it does not end.",
            "It loads the data of every module, and takes nothing up.");

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
                        Text.of("The bus ends at %s without its resistor", facts.nameOf(end)),
                        Text.of("%s belong across the two data cores there. %s", Figures.ohms(bus.ohms()), reads(bus)),
                        "Fit it, or set its link on the board.")
                .mendedBy(TerminatorEdits.atBothEnds());
    }

    private static Finding misplaced(Facts facts, BusEnds bus, ModuleId module) {
        return MISPLACED
                .finds(
                        new Target.OfBox(module),
                        Text.of("A resistor is across the bus at %s, where it does not end", facts.nameOf(module)),
                        Text.of(
                                "The bus ends at %s. %s",
                                Text.listed(
                                        bus.ends().stream().map(facts::nameOf).toList()),
                                reads(bus)),
                        "Take it out, or its link off.")
                .mendedBy(TerminatorEdits.atBothEnds());
    }

    private static String reads(BusEnds bus) {
        int now = bus.terminated().size();
        return Text.of(
                "With the power off the data cores read %s and should read %s.",
                now == 0 ? "no resistor" : Figures.ohms(bus.readsOhms(now)),
                Figures.ohms(bus.readsOhms(Math.max(1, bus.ends().size()))));
    }
}
