package io.answerback.core.loop;

import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.Meaning;
import java.util.List;
import java.util.Optional;

/// Computes every case of a loop against the panel's bands.
public final class LoopCheck {
    /// The longest cable that is tried, one way in metres: a loop that is safe with it has no limit that matters.
    public static final double LONGEST_METRES = 10_000;

    private LoopCheck() {}

    /// Every case of one loop, with the panel's conclusion and margin, and the longest cable that keeps it
    /// safe.
    ///
    /// @param loop the parts fitted
    /// @param chart how the input reads their scheme
    /// @param trial the faults to try the loop with
    public static LoopResult check(FittedLoop loop, BandChart chart, CheckedFaults trial) {
        List<CaseReading> cases = trial.cases(loop).stream()
                .map(loopCase -> tryOut(loop, chart, loopCase))
                .toList();
        return new LoopResult(chart, cases, longestMetres(loop, chart));
    }

    /// One case of a loop, also one that is not in the list of cases, such as a cut with the cover off.
    public static CaseReading tryOut(FittedLoop loop, BandChart chart, LoopCase loopCase) {
        return reading(chart, loopCase, LoopNetwork.of(loop, loopCase).range());
    }

    static CaseReading reading(BandChart chart, LoopCase loopCase, Range range) {
        Optional<Meaning> reads = chart.holding(range).map(Band::meaning);
        boolean safe = reads.filter(loopCase.rightConclusions()::contains).isPresent();
        return new CaseReading(loopCase, range, reads, safe, chart.margin(range));
    }

    /// The cable is in series with everything else, so a state's highest reading is a straight line in its
    /// length and meets the upper edge of the right band at one length. The low ends only gain from length.
    /// Where the resistor sits across the panel's terminals, the cable is in a branch beside it, and the length
    /// is sought by halving.
    ///
    /// Where the loop is not safe and would be with less cable, the length is the one to come down to. Empty
    /// where no shorter cable makes it safe: a loop that would be mended by more cable has another fault.
    static Optional<Double> longestMetres(FittedLoop loop, BandChart chart) {
        List<LoopCase> states = loop.statesToTell();
        double now = loop.cable().metres();
        if (!allSafe(loop, now, chart, states)) {
            return shorter(loop, now, chart, states);
        }
        double longest = besideResistor(loop)
                ? LoopLimits.most(now, LONGEST_METRES, metres -> allSafe(loop, metres, chart, states))
                : whereEdgesAreMet(loop, chart, states);
        double shown = Math.floor(longest * 100) / 100;
        return Optional.of(shown > now && allSafe(loop, shown, chart, states) ? shown : now);
    }

    private static Optional<Double> shorter(FittedLoop loop, double now, BandChart chart, List<LoopCase> states) {
        if (!allSafe(loop, 0, chart, states)) {
            return Optional.empty();
        }
        double longest = besideResistor(loop)
                ? LoopLimits.most(0, now, metres -> allSafe(loop, metres, chart, states))
                : whereEdgesAreMet(loop, chart, states);
        double shown = Math.floor(longest * 100) / 100;
        return Optional.of(shown).filter(metres -> metres < now && allSafe(loop, metres, chart, states));
    }

    private static boolean besideResistor(FittedLoop loop) {
        return loop.wiring().place() == ResistorPlace.IN_PANEL
                && loop.scheme().hasEndOfLine()
                && loop.scheme().joined(new LoopPart.Short(), new LoopPart.Cut()) instanceof LoopPart.Parallel;
    }

    private static double whereEdgesAreMet(FittedLoop loop, BandChart chart, List<LoopCase> states) {
        double longest = LONGEST_METRES;
        for (LoopCase state : states) {
            double without = highOhms(loop, 0, state);
            if (Double.isFinite(without)) {
                double perMetre = highOhms(loop, 1, state) - without;
                longest = Math.min(longest, (upperEdgeOhms(chart, state) - without) / perMetre);
            }
        }
        return longest;
    }

    private static double highOhms(FittedLoop loop, double metres, LoopCase state) {
        return LoopNetwork.of(loop.withCable(loop.cable().withMetres(metres)), state)
                .ohms(Extreme.HIGH);
    }

    private static double upperEdgeOhms(BandChart chart, LoopCase state) {
        return chart.bands().stream()
                .filter(band -> state.rightConclusions().contains(band.meaning()))
                .mapToDouble(Band::high)
                .max()
                .orElse(-1);
    }

    private static boolean allSafe(FittedLoop loop, double metres, BandChart chart, List<LoopCase> states) {
        FittedLoop tried = loop.withCable(loop.cable().withMetres(metres));
        return states.stream().allMatch(state -> tryOut(tried, chart, state).safe());
    }
}
