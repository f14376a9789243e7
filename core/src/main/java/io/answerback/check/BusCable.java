package io.answerback.check;

import io.answerback.bus.BusState;
import io.answerback.job.BusRule;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A bus with more cable than the profile allows, a module too far out, or branches where it allows none.
final class BusCable implements JobRule {
    static final String LONG = "bus-too-long";
    static final String FAR = "bus-module-too-far";
    static final String STAR = "bus-branched";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().panel().profile().bus().stream().flatMap(rule -> findings(rule, facts.bus()).stream());
    }

    private static List<Finding> findings(BusRule rule, BusState bus) {
        List<Finding> findings = new ArrayList<>();
        if (rule.mostMetres() > 0 && bus.metres() > rule.mostMetres()) {
            findings.add(of(
                    LONG,
                    "The bus has %.0f m of cable; %.0f m are allowed".formatted(bus.metres(), rule.mostMetres()),
                    "Its cores load the data line until modules are lost now and then.",
                    "Take a shorter way, or another expander nearer to the devices in place of two far ones."));
        }
        if (rule.mostRunMetres() > 0 && bus.farthestMetres() > rule.mostRunMetres()) {
            findings.add(of(
                    FAR,
                    "A module is %.0f m from the board; %.0f m are allowed"
                            .formatted(bus.farthestMetres(), rule.mostRunMetres()),
                    "The farthest module answers late or not at all.",
                    "Bring the board nearer, or take a shorter way."));
        }
        if (!rule.star() && bus.branched()) {
            findings.add(of(
                    STAR,
                    "The bus branches",
                    "The profile wants it from module to module: reflections from branches lose data.",
                    "Run on from the last module in place of a second cable from the same place."));
        }
        return findings;
    }

    private static Finding of(String id, String says, String why, String remedy) {
        return new Finding(id, Stop.BUS, Grade.WRONG, "", "", says, why, remedy);
    }
}
