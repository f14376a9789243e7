package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.stream.Stream;

/// Cables that feed each other in a circle, so that nothing feeds them.
public final class SupplyInCircle implements JobCheck {
    /// Cables feed each other in a circle.
    public static final Rule RULE = new Rule(
            "supply-circle", Stop.POWER, Grade.WRONG, "Cables feed each other in a circle.", "No supply reaches them.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).circles().stream()
                .flatMap(id -> facts.cable(id).stream())
                .map(cable -> RULE.finds(
                        new Target.OfCable(cable.id()),
                        Text.of("%s is fed by what it feeds", cable.id()),
                        "It comes back to where it begins, so no supply reaches it.",
                        "Let it begin at the box that feeds it."));
    }
}
