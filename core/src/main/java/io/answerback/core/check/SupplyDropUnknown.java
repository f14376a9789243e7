package io.answerback.core.check;

import io.answerback.core.supply.SupplyState;
import java.util.stream.Stream;

/// A supply of which nobody knows what is lost between its battery and its outputs: the volts are computed
/// without it.
final class SupplyDropUnknown implements JobRule {
    static final String RULE = "supply-drop-unknown";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.supplies().states().stream()
                .filter(state ->
                        state.unit().dropVolts().isEmpty() && !state.volts().isEmpty())
                .map(SupplyDropUnknown::finding);
    }

    private static Finding finding(SupplyState state) {
        return new Finding(
                RULE + ":" + state.module(),
                Stop.POWER,
                Grade.NOTE,
                "",
                state.module(),
                "Nothing is known of the drop on the board of %s".formatted(state.module()),
                "Its board and fuse take some tenths of a volt between the battery and the outputs; the volts at its devices are computed without them.",
                "Measure it at the full load, or take it from the maker's sheet, and fill it in, in the profile.");
    }
}
