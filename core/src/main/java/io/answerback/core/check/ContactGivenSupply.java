package io.answerback.core.check;

import io.answerback.core.cable.Cable;
import io.answerback.core.cores.CoreNeeds;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.site.Job;
import java.util.Map;
import java.util.stream.Stream;

/// A bare contact whose cable was found to bring it a supply.
final class ContactGivenSupply implements JobRule {
    static final String RULE = "contact-given-supply";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().cables().stream()
                .filter(cable -> cable.laying().asFound().uses().containsValue(CoreUse.SUPPLY))
                .filter(cable -> bare(facts.job(), cable))
                .flatMap(cable -> cable.laying().asFound().uses().entrySet().stream()
                        .filter(entry -> entry.getValue() == CoreUse.SUPPLY)
                        .map(Map.Entry::getKey)
                        .limit(1)
                        .map(colour -> finding(cable, colour)));
    }

    private static boolean bare(Job job, Cable cable) {
        var points = cable.ends().points();
        return !points.isEmpty()
                && points.stream().flatMap(id -> job.point(id).stream()).noneMatch(CoreNeeds::powered);
    }

    private static Finding finding(Cable cable, String colour) {
        return Finding.of(
                RULE,
                Grade.WRONG,
                cable,
                "%s brings supply to a bare contact".formatted(cable.id()),
                "The %s core is used for it. A contact needs none, and one wrong joint there shorts the supply of every detector."
                        .formatted(colour),
                "Take it off the supply and keep the core as a spare, folded back.");
    }
}
