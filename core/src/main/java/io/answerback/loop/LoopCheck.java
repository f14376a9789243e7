package io.answerback.loop;

import io.answerback.job.Band;
import io.answerback.job.Cable;
import io.answerback.job.LoopWiring;
import io.answerback.job.Meaning;
import io.answerback.job.SchemeBands;
import java.util.List;
import java.util.Optional;

/// Computes every case of a loop against the panel's bands.
public final class LoopCheck {
    /// The longest cable a job may hold, one way in metres; a loop that is safe at any length is said to allow
    /// this.
    public static final double LONGEST_METRES = 10_000;

    private LoopCheck() {}

    /// Every case of one loop, with the panel's conclusion and margin, and the longest cable that keeps it
    /// safe.
    ///
    /// @param wiring the parts fitted
    /// @param cable the pair to the device
    /// @param bands how the panel reads this scheme
    /// @param dampJointOhms the leak to try the loop with, in ohms
    public static LoopResult check(LoopWiring wiring, Cable cable, SchemeBands bands, double dampJointOhms) {
        BandChart chart = new BandChart(bands.bands());
        List<CaseReading> cases = LoopNetwork.cases(wiring).stream()
                .map(loopCase -> reading(
                        chart,
                        loopCase,
                        LoopNetwork.of(wiring, cable, loopCase, dampJointOhms).range()))
                .toList();
        return new LoopResult(chart, cases, longestMetres(wiring, cable, chart));
    }

    /// One case of a loop, also one that is not in the list of cases, such as a cut with the cover off.
    ///
    /// @param dampJointOhms the leak of a damp joint, in ohms
    public static CaseReading tryOut(
            LoopWiring wiring, Cable cable, SchemeBands bands, LoopCase loopCase, double dampJointOhms) {
        return reading(
                new BandChart(bands.bands()),
                loopCase,
                LoopNetwork.of(wiring, cable, loopCase, dampJointOhms).range());
    }

    private static CaseReading reading(BandChart chart, LoopCase loopCase, Range range) {
        Optional<Meaning> reads = chart.holding(range).map(Band::meaning);
        boolean safe = reads.filter(loopCase.rightConclusions()::contains).isPresent();
        return new CaseReading(loopCase, range, reads, safe, chart.margin(range));
    }

    /// The cable is in series with everything else, so a state's highest reading is a straight line in its
    /// length and meets the upper edge of the right band at one length. The low ends only gain from length, so
    /// if the states are not all safe at the shortest of these lengths, no length makes them so.
    private static double longestMetres(LoopWiring wiring, Cable cable, BandChart chart) {
        List<LoopCase> states = LoopScheme.of(wiring.scheme()).deviceStates().stream()
                .map(device -> new LoopCase("", device, CableState.SOUND))
                .toList();
        double ohmsPerMetre = highOhms(wiring, cable.withMetres(1), LoopCase.AT_REST)
                - highOhms(wiring, cable.withMetres(0), LoopCase.AT_REST);
        double longest = LONGEST_METRES;
        for (LoopCase state : states) {
            double without = highOhms(wiring, cable.withMetres(0), state);
            if (Double.isFinite(without)) {
                longest = Math.min(longest, (upperEdgeOhms(chart, state) - without) / ohmsPerMetre);
            }
        }
        double shown = Math.floor(longest * 100) / 100;
        return shown >= 0 && allSafe(wiring, cable.withMetres(shown), chart, states) ? shown : 0;
    }

    private static double highOhms(LoopWiring wiring, Cable cable, LoopCase state) {
        return LoopNetwork.of(wiring, cable, state, 1).ohms(Extreme.HIGH);
    }

    private static double upperEdgeOhms(BandChart chart, LoopCase state) {
        return chart.bands().stream()
                .filter(band -> state.rightConclusions().contains(band.meaning()))
                .mapToDouble(Band::highOhms)
                .max()
                .orElse(-1);
    }

    private static boolean allSafe(LoopWiring wiring, Cable cable, BandChart chart, List<LoopCase> states) {
        return states.stream()
                .allMatch(state -> reading(
                                chart,
                                state,
                                LoopNetwork.of(wiring, cable, state, 1).range())
                        .safe());
    }
}
