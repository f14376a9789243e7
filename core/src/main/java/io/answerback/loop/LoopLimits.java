package io.answerback.loop;

import io.answerback.job.Band;
import io.answerback.job.Cable;
import io.answerback.job.Conductor;
import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeBands;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;

/// How far each part of one loop could go, all others as they are, before a device state is no longer safe. Each
/// is solved by halving, since worst cases only widen or move one way. Empty where the loop is not safe as it is.
///
/// @param longestMetres the longest cable, one way in metres, at most 10 km
/// @param loosestTolerancePercent the loosest tolerance of the resistors, in percent, at most 20
/// @param leastLeakOhms the worst leak across the pair at the device, in ohms; 1 where none matters
/// @param mostContacts how many more closed contacts could be in series, at most 999
/// @param coldestCelsius the coldest the cable may get, in °C, at least −60
/// @param hottestCelsius the hottest, in °C, at most 120
/// @param thinnest the conductor with the most resistance that still works
public record LoopLimits(
        double longestMetres,
        double loosestTolerancePercent,
        double leastLeakOhms,
        int mostContacts,
        double coldestCelsius,
        double hottestCelsius,
        Optional<Conductor> thinnest) {
    private static final String CABLE = "cable";
    private static final String TOLERANCE = "resistors' tolerance";
    private static final int HALVINGS = 50;
    private static final double MOST_TOLERANCE_PERCENT = 20;
    private static final double NO_LEAK_OHMS = 1e9;
    private static final double COLDEST_CELSIUS = -60;
    private static final double HOTTEST_CELSIUS = 120;
    private static final int MOST_CONTACTS = 999;

    /// The limits of a loop.
    ///
    /// @param bands how the panel reads its scheme
    /// @param conductors the conductors there are to choose from
    public static Optional<LoopLimits> of(
            LoopWiring wiring, Cable cable, SchemeBands bands, List<Conductor> conductors) {
        Solver solver = new Solver(wiring, cable, new BandChart(bands.bands()));
        return solver.safe(wiring, cable, NO_LEAK_OHMS) ? Optional.of(solver.solve(conductors)) : Optional.empty();
    }

    /// What may grow by the smaller factor, and so gives first: "cable" or "resistors' tolerance". Empty where
    /// neither gives before the ends that are tried.
    public Optional<String> givesFirst(LoopWiring wiring, Cable cable) {
        boolean cableGives = longestMetres < LoopCheck.LONGEST_METRES;
        boolean toleranceGives = wiring.scheme().hasEndOfLine() && loosestTolerancePercent < MOST_TOLERANCE_PERCENT;
        if (cableGives && toleranceGives) {
            double cableFactor = longestMetres / Math.max(cable.metres(), 1);
            double toleranceFactor = loosestTolerancePercent / Math.max(wiring.tolerancePercent(), 0.01);
            return Optional.of(cableFactor <= toleranceFactor ? CABLE : TOLERANCE);
        }
        return cableGives ? Optional.of(CABLE) : toleranceGives ? Optional.of(TOLERANCE) : Optional.empty();
    }

    private record Solver(LoopWiring wiring, Cable cable, BandChart chart) {
        private LoopLimits solve(List<Conductor> conductors) {
            double hottest = cable.hottestCelsius();
            double coldest = cable.coldestCelsius();
            return new LoopLimits(
                    most(
                            cable.metres(),
                            LoopCheck.LONGEST_METRES,
                            metres -> safe(wiring, cable.withMetres(metres), NO_LEAK_OHMS)),
                    most(
                            wiring.tolerancePercent(),
                            MOST_TOLERANCE_PERCENT,
                            percent -> safe(wiring.withTolerancePercent(percent), cable, NO_LEAK_OHMS)),
                    leastLeak(),
                    mostContacts(),
                    -most(
                            -coldest,
                            -COLDEST_CELSIUS,
                            below -> safe(wiring, cable.withCelsius(-below, hottest), NO_LEAK_OHMS)),
                    most(
                            hottest,
                            HOTTEST_CELSIUS,
                            above -> safe(wiring, cable.withCelsius(coldest, above), NO_LEAK_OHMS)),
                    thinnest(conductors));
        }

        /// The greatest value from one that is safe up to a bound; safe values are those below some edge.
        private static double most(double from, double bound, DoublePredicate safe) {
            if (from >= bound || safe.test(bound)) {
                return Math.max(from, bound);
            }
            double good = from;
            double bad = bound;
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (good + bad) / 2;
                if (safe.test(middle)) {
                    good = middle;
                } else {
                    bad = middle;
                }
            }
            return good;
        }

        private double leastLeak() {
            double power = most(-Math.log10(NO_LEAK_OHMS), 0, minus -> safe(wiring, cable, Math.pow(10, -minus)));
            return Math.pow(10, -power);
        }

        private int mostContacts() {
            if (wiring.contactOhms() <= 0) {
                return MOST_CONTACTS;
            }
            return (int) Math.floor(most(
                    0,
                    MOST_CONTACTS,
                    more -> states().stream()
                            .allMatch(state -> holds(state, wider(state, more * wiring.contactOhms())))));
        }

        private Range wider(LoopCase state, double ohms) {
            Range range = LoopNetwork.of(wiring, cable, state, NO_LEAK_OHMS).range();
            return new Range(range.lowOhms(), range.nominalOhms(), range.highOhms() + ohms);
        }

        private Optional<Conductor> thinnest(List<Conductor> conductors) {
            return conductors.stream()
                    .filter(conductor -> safe(wiring, cable.withConductor(conductor), NO_LEAK_OHMS))
                    .max(Comparator.comparingDouble(Conductor::ohmsPerKilometre));
        }

        private List<LoopCase> states() {
            return LoopScheme.of(wiring.scheme()).deviceStates().stream()
                    .map(device -> new LoopCase("", device, CableState.SOUND))
                    .toList();
        }

        private boolean safe(LoopWiring parts, Cable run, double leakOhms) {
            return states().stream().allMatch(state -> {
                CableState leaking = leakOhms < NO_LEAK_OHMS ? CableState.DAMP : CableState.SOUND;
                LoopCase tried = new LoopCase("", state.device(), leaking);
                return holds(state, LoopNetwork.of(parts, run, tried, leakOhms).range());
            });
        }

        private boolean holds(LoopCase state, Range range) {
            return chart.holding(range)
                    .map(Band::meaning)
                    .filter(state.rightConclusions()::contains)
                    .isPresent();
        }
    }
}
