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

/// A panel of whose supply its profile says nothing, so that neither battery nor volts can be worked out.
public final class SupplyUnknown implements JobCheck {
    /// The profile does not say what the panel's supply gives.
    public static final Rule RULE = new Rule(
            "supply-unknown",
            Stop.POWER,
            Grade.NOTE,
            "The profile does not say what the panel's supply gives.",
            "Neither hours nor volts can be computed.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        if (!facts.of(Supplies.FACT).states().isEmpty()) {
            return Stream.empty();
        }
        String panel = facts.panel().profile().name();
        return Stream.of(RULE.finds(
                        new Target.OfJob(),
                        Text.of("Nothing is known of the supply of %s", panel),
                        "Its profile does not say what it gives and charges with, so neither hours nor volts can be worked out.",
                        "Fill in the supply of its board from the maker's manual.")
                .of(""));
    }
}
