package io.answerback.core.check;

import io.answerback.core.chain.Figures;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyVisit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// What was measured at a supply and is not what it should be, has changed, or shows that the battery is worn.
final class SupplyReadingOff implements JobRule {
    static final String RULE = "supply-off";
    static final String DRIFTED = "supply-drifted";
    static final String WORN = "battery-worn";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().power().readings().isEmpty()
                ? Stream.empty()
                : facts.supplies().states().stream().flatMap(state -> findings(state, state.visit()).stream());
    }

    private static List<Finding> findings(SupplyState state, SupplyVisit visit) {
        List<Finding> findings = new ArrayList<>();
        for (SupplyVisit.Line line : visit.lines()) {
            if (line.off()) {
                findings.add(of(
                        RULE + ":" + line.what(),
                        state,
                        Grade.TIGHT,
                        "The %s of %s is off".formatted(line.what().words(), state.module()),
                        "It reads %s; it should be from %s to %s."
                                .formatted(
                                        figure(line, line.last().orElseThrow().value()),
                                        figure(line, line.least()),
                                        figure(line, line.most())),
                        "Measure again; then look for what takes more or gives less than the list says."));
            } else if (line.drifted()) {
                findings.add(of(
                        DRIFTED + ":" + line.what(),
                        state,
                        Grade.TIGHT,
                        "The %s of %s has changed".formatted(line.what().words(), state.module()),
                        "It was %s and is %s."
                                .formatted(
                                        figure(line, line.first().orElseThrow().value()),
                                        figure(line, line.last().orElseThrow().value())),
                        "Find out what was added or what has failed since."));
            }
        }
        if (visit.worn()) {
            findings.add(of(
                    WORN,
                    state,
                    Grade.WRONG,
                    "The battery of %s is worn".formatted(state.module()),
                    "Its internal resistance was %.0f mΩ and is %.0f mΩ."
                            .formatted(
                                    visit.firstMilliohms().orElseThrow(),
                                    visit.lastMilliohms().orElseThrow()),
                    "Replace it, and write the day on the new one."));
        }
        return findings;
    }

    private static String figure(SupplyVisit.Line line, double value) {
        double rounded = Math.round(value * 100) / 100.0;
        return Figures.plain(line.what().unit().equals("mA") ? Math.rint(value) : rounded) + " "
                + line.what().unit();
    }

    private static Finding of(String rule, SupplyState state, Grade grade, String says, String why, String remedy) {
        return new Finding(rule + ":" + state.module(), Stop.POWER, grade, "", state.module(), says, why, remedy);
    }
}
