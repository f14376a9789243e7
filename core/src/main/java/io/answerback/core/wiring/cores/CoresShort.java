package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.CoreUse;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable with fewer cores than its device needs.
public final class CoresShort implements BoxCheck {
    /// A cable has fewer cores than its device needs.
    public static final Rule RULE = new Rule(
            "cores-short",
            Stop.CABLE,
            Grade.WRONG,
            "A cable has fewer cores than its device needs.",
            "Something the device does is left unconnected.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, BoxPlan box) {
        return box.cables().stream()
                .filter(cable ->
                        cable.end() == CableEnd.NEAR && !cable.lacking().isEmpty())
                .map(CoresShort::finding);
    }

    private static Finding finding(CableCores cable) {
        String lacking = cable.lacking().stream()
                .map(need -> need.words(cable.several()))
                .collect(Collectors.joining(" and "));
        int needed =
                cable.cores().size() - cable.spares().size() + cable.lacking().size();
        Predicate<CoreUse> ofRing = use -> use == CoreUse.TAMPER || use == CoreUse.TAMPER_RETURN;
        boolean tamper = cable.lacking().stream().map(CoreNeed::use).anyMatch(ofRing);
        return RULE.finds(
                Target.of(cable.cable()),
                Text.of("%s has no core left for %s", cable.id(), lacking),
                Text.of(
                        "%s needs %d cores, the cable has %d.",
                        cable.serves().name(), needed, cable.cores().size()),
                tamper
                        ? Text.of(
                                "Take a cable of %d cores or more, run a second one, or monitor the tamper contact by a double end-of-line.",
                                needed)
                        : Text.of("Take a cable of %d cores or more, or run a second one.", needed));
    }
}
