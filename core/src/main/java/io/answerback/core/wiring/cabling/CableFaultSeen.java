package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.CableCheck;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.stream.Stream;

/// What somebody saw to be wrong with the work on a cable.
public final class CableFaultSeen implements CableCheck {
    /// Somebody saw a fault in the work on a cable.
    public static final Rule RULE = new Rule(
            "seen",
            Stop.CABLE,
            Grade.WRONG,
            "Somebody saw a fault in the work on a cable.",
            "What can be seen today is a fault report of next year.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, Cable cable) {
        return cable.installation().asFound().faults().stream()
                .map(fault -> RULE.finds(
                                Target.of(cable),
                                Text.of("%s: %s", cable.id(), fault.words()),
                                fault.why(),
                                fault.remedy())
                        .of(fault + ":" + cable.id()));
    }
}
