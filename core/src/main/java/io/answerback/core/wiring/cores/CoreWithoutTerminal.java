package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Cores a device needs for which its box has no terminal, such as a supply on a board that gives none.
public final class CoreWithoutTerminal implements BoxCheck {
    /// A device needs a core for which its box has no terminal.
    public static final Rule RULE = new Rule(
            "no-terminal",
            Stop.CABLE,
            Grade.WRONG,
            "A device needs a core for which its box has no terminal.",
            "The core ends nowhere, and what it serves does not work.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, BoxPlan box) {
        return Stream.of(box)
                .filter(its -> its.place() instanceof ModuleId && !its.strip().isEmpty())
                .flatMap(its -> its.cables().stream().flatMap(cable -> finding(its, cable)));
    }

    private static Stream<Finding> finding(BoxPlan box, CableCores cable) {
        List<PlannedCore> without = cable.cores().stream()
                .filter(core -> core.termination() instanceof CoreTermination.Nowhere)
                .filter(core -> !box.ring().leftOut().contains(cable.cable().id()) || !ofRing(core.use()))
                .toList();
        return without.isEmpty()
                ? Stream.empty()
                : Stream.of(named(
                        box,
                        cable,
                        RULE.finds(
                                Target.of(cable.cable()),
                                Text.of(
                                        "%s has no terminal for its %s",
                                        box.title(),
                                        without.stream()
                                                .map(core -> core.need().words(cable.several()))
                                                .collect(Collectors.joining(" and "))),
                                Text.of("%s needs it: %s.", cable.serves().name(), why(without)),
                                "Take it from a box beside that has one, or add the terminal to the profile.")));
    }

    /// A cable from one box to another can lack a terminal at both.
    private static Finding named(BoxPlan box, CableCores cable, Finding finding) {
        boolean farEnd =
                cable.cable().ends().module().filter(box.place()::equals).isPresent();
        return farEnd ? finding.of(cable.cable().id() + " at " + box.title()) : finding;
    }

    private static String why(List<PlannedCore> without) {
        return without.stream()
                .map(PlannedCore::termination)
                .filter(CoreTermination.Nowhere.class::isInstance)
                .map(termination -> ((CoreTermination.Nowhere) termination).why())
                .distinct()
                .collect(Collectors.joining("; "));
    }

    private static boolean ofRing(CoreUse use) {
        return use == CoreUse.TAMPER || use == CoreUse.TAMPER_RETURN;
    }
}
