package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.power.SupplyReading.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// What was measured at a supply and is not what it should be, has changed, or shows that the battery is worn.
public final class SupplyReadingOff implements JobCheck {
    /// A reading at a supply is not what was computed.
    public static final Rule RULE = new Rule(
            "supply-off",
            Stop.POWER,
            Grade.TIGHT,
            "A reading at a supply is not what was computed.",
            "Something takes more or less than the job knows of.");

    /// A reading at a supply has changed since the visit before.
    public static final Rule DRIFTED = new Rule(
            "supply-drifted",
            Stop.POWER,
            Grade.TIGHT,
            "A reading at a supply has changed since the visit before.",
            "Something was added, or is failing.");

    /// The internal resistance of a battery says that it is worn.
    public static final Rule WORN = new Rule(
            "battery-worn",
            Stop.POWER,
            Grade.WRONG,
            "A battery shows its full volts at rest and loses them under load, or its internal resistance has grown.",
            "It shows its full volts and holds up nothing.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, DRIFTED, WORN);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.power().readings().isEmpty()
                ? Stream.empty()
                : facts.of(Supplies.FACT).states().stream().flatMap(state -> findings(state, state.visit()).stream());
    }

    private static List<Finding> findings(SupplyState state, SupplyVisit visit) {
        List<Finding> findings = new ArrayList<>();
        for (SupplyVisit.Line line : visit.lines()) {
            if (line.off()) {
                findings.add(of(
                        RULE,
                        line.what() + ":" + state.module().text(),
                        state,
                        Text.of("The %s of %s is off", line.what().words(), state.title()),
                        Text.of(
                                "It reads %s; it should be from %s to %s.",
                                figure(line, line.last().orElseThrow().value()),
                                figure(line, line.least()),
                                figure(line, line.most())),
                        "Measure again; then look for what takes more or gives less than the list says."));
            } else if (line.drifted()) {
                findings.add(of(
                        DRIFTED,
                        line.what() + ":" + state.module().text(),
                        state,
                        Text.of("The %s of %s has changed", line.what().words(), state.title()),
                        Text.of(
                                "It was %s and is %s.",
                                figure(line, line.first().orElseThrow().value()),
                                figure(line, line.last().orElseThrow().value())),
                        "Find out what was added or what has failed since."));
            }
        }
        if (visit.dead()) {
            findings.add(of(
                    WORN,
                    state.module().text(),
                    state,
                    Text.of("The battery of %s is dead", state.title()),
                    Text.of(
                            "It reads %.1f V rested and %.1f V in an alarm: it cannot carry the site when the mains fails.",
                            visit.last(Quantity.RESTED_VOLTS).orElseThrow(),
                            visit.last(Quantity.LOADED_VOLTS).orElseThrow()),
                    "Replace it before you leave, and write the day on the new one."));
        } else if (visit.worn()) {
            findings.add(of(
                    WORN,
                    state.module().text(),
                    state,
                    Text.of("The battery of %s is worn", state.title()),
                    Text.of(
                            "Its internal resistance was %.0f mΩ and is %.0f mΩ.",
                            visit.firstMilliohms().orElseThrow(),
                            visit.lastMilliohms().orElseThrow()),
                    "Replace it, and write the day on the new one."));
        }
        return findings;
    }

    private static String figure(SupplyVisit.Line line, double value) {
        double rounded = Math.round(value * 100) / 100.0;
        return Figures.plain(line.what().current() ? Math.rint(value) : rounded) + " "
                + line.what().unit();
    }

    private static Finding of(Rule rule, String of, SupplyState state, String says, String why, String remedy) {
        return rule.finds(new Target.OfBox(state.module()), says, why, remedy).of(of);
    }
}
