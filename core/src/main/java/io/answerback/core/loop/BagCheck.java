package io.answerback.core.loop;

import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind.Part;
import io.answerback.core.model.site.LoopWiring;
import java.util.List;
import java.util.Optional;

/// What becomes of a loop when the resistors at hand are not the ones that were planned.
///
/// @param part the place the resistor would go to
/// @param ohms its value, in ohms
/// @param loop the loop with it
/// @param tightest the device state that is nearest to an edge, or beyond it
/// @param works whether every device state is safe with it
public record BagCheck(Part part, double ohms, FittedLoop loop, CaseReading tightest, boolean works) {
    private static final double STRETCH = 4;

    /// Tries a value in one place of a loop.
    ///
    /// @param part a place the loop's scheme has
    /// @param ohms in ohms, 0 to 1 MΩ
    /// @param tolerancePercent of the resistors at hand, in percent, 0 to 20
    /// @throws IllegalArgumentException when the scheme has no such place or a figure is out of bounds
    public static BagCheck of(FittedLoop loop, BandChart chart, Part part, double ohms, double tolerancePercent) {
        if (!loop.wiring().scheme().has(part)) {
            throw new IllegalArgumentException(
                    Text.of("a %s has no such resistor", loop.wiring().scheme().words()));
        }
        LoopWiring wiring = loop.wiring().withTolerancePercent(tolerancePercent);
        FittedLoop fitted = loop.withWiring(
                switch (part) {
                    case END_OF_LINE -> wiring.withEndOfLineOhms(ohms);
                    case ALARM -> wiring.withAlarmOhms(ohms);
                    case SECOND -> wiring.withSecondOhms(ohms);
                });
        LoopResult result = new LoopResult(
                chart,
                fitted.statesToTell().stream()
                        .map(state -> LoopCheck.tryOut(fitted, chart, state))
                        .toList(),
                Optional.empty());
        return new BagCheck(
                part, ohms, fitted, result.tightest(), result.unsafe().isEmpty());
    }

    /// The margin it leaves, 0 to 1.
    public double margin() {
        return works ? tightest.margin() : 0;
    }

    /// The smallest and the largest E24 value that works in a place, all others as planned; empty when none does.
    public static Optional<Range> working(FittedLoop loop, BandChart chart, Part part, double tolerancePercent) {
        double planned = switch (part) {
            case END_OF_LINE -> loop.wiring().endOfLineOhms();
            case ALARM -> loop.wiring().alarmOhms();
            case SECOND -> loop.wiring().secondOhms();
        };
        if (planned <= 0) {
            return Optional.empty();
        }
        List<Double> working = PreferredValues.E24.between(planned / STRETCH, planned * STRETCH).stream()
                .filter(ohms -> of(loop, chart, part, ohms, tolerancePercent).works())
                .toList();
        return working.isEmpty()
                ? Optional.empty()
                : Optional.of(new Range(working.getFirst(), planned, working.getLast()));
    }
}
