package io.answerback.core.check;

import io.answerback.core.site.PanelModule;
import java.util.stream.Stream;

/// A module with an aerial inside a steel box, or close to metal.
final class AerialInMetal implements JobRule {
    static final String RULE = "aerial-in-metal";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().modules().stream()
                .filter(PanelModule::besideMetal)
                .filter(module -> facts.job()
                        .panel()
                        .profile()
                        .module(module.kindId())
                        .filter(kind -> kind.aerial())
                        .isPresent())
                .map(
                        module -> new Finding(
                                RULE + ":" + module.name(),
                                Stop.CABLE,
                                Grade.WRONG,
                                "",
                                module.name(),
                                "%s has its aerial in or beside metal".formatted(module.name()),
                                "Steel keeps radio in: it may work with the lid open and fail when it is shut.",
                                "Mount it outside the box and away from metal, or bring the aerial out, and measure the signal there."));
    }
}
