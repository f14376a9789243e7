package io.answerback.check;

import io.answerback.cores.BoxPlan;
import io.answerback.cores.CableCores;
import io.answerback.cores.LandingWords;
import io.answerback.cores.PlannedCore;
import java.util.stream.Stream;

/// A core that was put somewhere and belongs somewhere else, because the plan has changed since.
final class CoreLandedElsewhere implements JobRule {
    static final String RULE = "core-elsewhere";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .flatMap(box -> box.cables().stream()
                        .filter(cable -> !cable.cable().laying().landed().isEmpty())
                        .flatMap(cable -> cable.cores().stream().flatMap(core -> finding(box, cable, core))));
    }

    private static Stream<Finding> finding(BoxPlan box, CableCores cable, PlannedCore core) {
        String belongs = LandingWords.of(core.landing(), box.strip());
        return cable.cable().laying().landed(core.colour()).stream()
                .filter(landed -> !landed.where().equals(belongs))
                .map(landed -> new Finding(
                        "%s:%s:%s".formatted(RULE, cable.cable().id(), core.colour()),
                        Stop.CABLE,
                        Grade.WRONG,
                        cable.point().id(),
                        "",
                        "%s of %s is in the wrong place"
                                .formatted(core.colour(), cable.cable().id()),
                        "It was put to %s; it belongs to %s.".formatted(landed.where(), belongs),
                        "Move it, or take back the change that moved its place."));
    }
}
