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
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Devices and modules of which nobody knows the least voltage they work at: the volts at them are computed and
/// judged by nothing.
public final class LeastVoltsUnknown implements JobCheck {
    /// The least voltage at which a device works is not known.
    public static final Rule RULE = new Rule(
            "least-volts-unknown",
            Stop.POWER,
            Grade.NOTE,
            "The least voltage at which a device works is not known.",
            "The volts at it are computed, and whether they are enough cannot be said.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream().flatMap(LeastVoltsUnknown::finding);
    }

    private static Stream<Finding> finding(SupplyState state) {
        List<DeviceVolts> unknown = state.volts().stream()
                .filter(device -> device.leastVolts() <= 0)
                .toList();
        if (unknown.isEmpty()) {
            return Stream.empty();
        }
        String titles = unknown.stream().map(DeviceVolts::title).collect(Collectors.joining(", "));
        double worst = unknown.stream().mapToDouble(DeviceVolts::atEnd).min().orElseThrow();
        return Stream.of(RULE.finds(
                new Target.OfBox(state.module()),
                Text.of("The least volts of %d devices on %s are not known", unknown.size(), state.title()),
                Text.of(
                        "%s: the lowest gets %.2f V at the end of discharge, and whether that is enough cannot be said.",
                        titles, Math.max(0, worst)),
                "Look for it on the maker's sheet and fill it in, in the profile or the kind of point."));
    }
}
