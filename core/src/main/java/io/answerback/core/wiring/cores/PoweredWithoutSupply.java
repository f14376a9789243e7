package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.CoreUse;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable that counts as terminated while a core of its supply is still loose. Where another core of the same
/// use is terminated, the device has its supply and only its volts are lower: tight.
public final class PoweredWithoutSupply implements BoxCheck {
    /// A core of the supply is loose in a cable that counts as terminated.
    public static final Rule RULE = new Rule(
            "supply-loose",
            Stop.CABLE,
            Grade.WRONG,
            "A core of the supply is loose in a cable that counts as terminated.",
            "A detector without supply reads as alarm or open, or as nothing at all.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, BoxPlan box) {
        return Stream.of(box)
                .flatMap(its -> its.cables().stream()
                        .filter(cable -> cable.end() == CableEnd.NEAR)
                        .filter(cable -> cable.cable().installation().progress().compareTo(Progress.TERMINATED) >= 0)
                        .filter(cable -> cable.cores().stream()
                                .anyMatch(
                                        core -> cable.terminated(core.colour()).isPresent()))
                        .flatMap(cable -> finding(its, cable)));
    }

    private static Stream<Finding> finding(BoxPlan box, CableCores cable) {
        List<PlannedCore> loose = cable.cores().stream()
                .filter(core -> core.use() == CoreUse.SUPPLY || core.use() == CoreUse.SUPPLY_RETURN)
                .filter(core -> cable.terminated(core.colour()).isEmpty())
                .toList();
        boolean doubled = !loose.isEmpty()
                && loose.stream()
                        .map(PlannedCore::use)
                        .allMatch(use -> cable.cores().stream()
                                .anyMatch(core -> core.use() == use
                                        && cable.terminated(core.colour()).isPresent()));
        String colours = loose.stream().map(PlannedCore::colour).collect(Collectors.joining(" and "));
        return loose.isEmpty()
                ? Stream.empty()
                : Stream.of(RULE.finds(
                        doubled ? Grade.TIGHT : Grade.WRONG,
                        Target.of(cable.cable()),
                        Text.of(
                                doubled ? "The supply of %s is not doubled yet" : "%s has no supply",
                                cable.serves().name()),
                        Text.of(
                                doubled
                                        ? "%s of %s is loose in %s: one core carries what two are planned for, and the volts at the far end are lower than computed."
                                        : "%s of %s is loose in %s, and a detector without supply reads as alarm or open.",
                                colours,
                                cable.id(),
                                box.title()),
                        "Put it under its terminal, or say that the cable is not terminated yet."));
    }
}
