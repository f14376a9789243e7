package io.answerback.core.check;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cable.Laying.Progress;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CableCores;
import io.answerback.core.cores.PlannedCore;
import io.answerback.core.practice.CoreUse;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable that counts as terminated while a core of its supply is still loose.
final class PoweredWithoutSupply implements JobRule {
    static final String RULE = "supply-loose";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .flatMap(box -> box.cables().stream()
                        .filter(cable -> cable.end() == CableEnd.NEAR)
                        .filter(cable -> cable.cable().laying().progress().compareTo(Progress.TERMINATED) >= 0)
                        .filter(cable -> cable.cores().stream()
                                .anyMatch(core -> cable.landed(core.colour()).isPresent()))
                        .flatMap(cable -> finding(box, cable)));
    }

    private static Stream<Finding> finding(BoxPlan box, CableCores cable) {
        List<PlannedCore> loose = cable.cores().stream()
                .filter(core -> core.use() == CoreUse.SUPPLY || core.use() == CoreUse.SUPPLY_RETURN)
                .filter(core -> cable.landed(core.colour()).isEmpty())
                .toList();
        String colours = loose.stream().map(PlannedCore::colour).collect(Collectors.joining(" and "));
        return loose.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(
                        RULE,
                        Grade.WRONG,
                        cable.cable(),
                        "%s has no supply".formatted(cable.serves().name()),
                        "%s of %s is loose in %s, and a detector without supply reads as alarm or open."
                                .formatted(colours, cable.id(), box.title()),
                        "Put it under its terminal, or say that the cable is not terminated yet."));
    }
}
