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

/// A supply of which nobody knows what is lost between its battery and its outputs: the volts are computed
/// without it.
public final class SupplyDropUnknown implements JobCheck {
    /// Nobody knows what is lost between a battery and the outputs of its supply.
    public static final Rule RULE = new Rule(
            "supply-drop-unknown",
            Stop.POWER,
            Grade.NOTE,
            "Nobody knows what is lost between a battery and the outputs of its supply.",
            "The volts at its devices are computed without it.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .filter(state ->
                        state.unit().dropVolts().isEmpty() && !state.volts().isEmpty())
                .map(SupplyDropUnknown::finding);
    }

    private static Finding finding(SupplyState state) {
        return RULE.finds(
                new Target.OfBox(state.module()),
                Text.of("Nothing is known of the drop on the board of %s", state.title()),
                "Its board and fuse take some tenths of a volt between the battery and the outputs; the volts at its devices are computed without them.",
                "Measure it at the full load, or take it from the maker's sheet, and fill it in, in the profile.");
    }
}
