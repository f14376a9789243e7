package io.answerback.core.loop;

import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.profile.Band;
import io.answerback.core.model.profile.Conductor;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.function.UnaryOperator;

/// How far each part of one loop could go, all others as they are, before a device state is no longer safe.
/// Each is solved by halving, since worst cases only widen or move one way. There are none for a loop that is
/// not safe as it is: more cable mends no loop.
///
/// @param longestMetres the longest cable, one way in metres; [LoopCheck#LONGEST_METRES] where none was found
///     below
/// @param loosestTolerancePercent the loosest tolerance of the resistors, in percent, at most 20
/// @param leastLeakOhms the worst leak across the pair, wherever along the cable it is, in ohms; 1 where none
///     matters
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

    /// Whether no cable below the longest that is tried is too long.
    public boolean noLimitOfLength() {
        return longestMetres >= LoopCheck.LONGEST_METRES;
    }

    /// The limits of a loop; empty where it is not safe as it is.
    ///
    /// @param chart how its input reads its scheme
    /// @param conductors the conductors there are to choose from
    public static Optional<LoopLimits> of(FittedLoop loop, BandChart chart, List<Conductor> conductors) {
        Solver solver = new Solver(loop, chart);
        return solver.safe(loop, NO_LEAK_OHMS) ? Optional.of(solver.solve(conductors)) : Optional.empty();
    }

    /// What may grow by the smaller factor, and so gives first: "cable" or "resistors' tolerance". Empty where
    /// neither gives before the ends that are tried.
    public Optional<String> givesFirst(FittedLoop loop) {
        boolean cableGives = longestMetres < LoopCheck.LONGEST_METRES;
        boolean toleranceGives = loosestTolerancePercent < MOST_TOLERANCE_PERCENT;
        if (cableGives && toleranceGives) {
            double cableFactor = longestMetres / Math.max(loop.cable().metres(), 1);
            double toleranceFactor =
                    loosestTolerancePercent / Math.max(loop.wiring().tolerancePercent(), 0.01);
            return Optional.of(cableFactor <= toleranceFactor ? CABLE : TOLERANCE);
        }
        return cableGives ? Optional.of(CABLE) : toleranceGives ? Optional.of(TOLERANCE) : Optional.empty();
    }

    /// The greatest value from one that is safe up to a bound; safe values are those below some edge.
    static double most(double from, double bound, DoublePredicate safe) {
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

    private record Solver(FittedLoop loop, BandChart chart) {
        private LoopLimits solve(List<Conductor> conductors) {
            double hottest = loop.cable().hottestCelsius();
            double coldest = loop.cable().coldestCelsius();
            return new LoopLimits(
                    most(
                            loop.cable().metres(),
                            LoopCheck.LONGEST_METRES,
                            metres -> on(cable -> cable.withMetres(metres))),
                    most(loop.wiring().tolerancePercent(), MOST_TOLERANCE_PERCENT, this::safeWithin),
                    leastLeak(),
                    mostContacts(),
                    -most(-coldest, -COLDEST_CELSIUS, below -> on(cable -> cable.withCelsius(-below, hottest))),
                    most(hottest, HOTTEST_CELSIUS, above -> on(cable -> cable.withCelsius(coldest, above))),
                    thinnest(conductors));
        }

        private boolean safeWithin(double tolerancePercent) {
            return safe(loop.withWiring(loop.wiring().withTolerancePercent(tolerancePercent)), NO_LEAK_OHMS);
        }

        private boolean on(UnaryOperator<Cable> change) {
            return safe(loop.withCable(change.apply(loop.cable())), NO_LEAK_OHMS);
        }

        private double leastLeak() {
            double power = most(-Math.log10(NO_LEAK_OHMS), 0, minus -> safe(loop, Math.pow(10, -minus)));
            return Math.pow(10, -power);
        }

        private int mostContacts() {
            double contactOhms = loop.wiring().contactOhms();
            if (contactOhms <= 0) {
                return MOST_CONTACTS;
            }
            return (int) Math.floor(most(
                    0,
                    MOST_CONTACTS,
                    more -> states().stream().allMatch(state -> holds(state, wider(state, more * contactOhms)))));
        }

        private Range wider(LoopCase state, double ohms) {
            Range range = LoopNetwork.of(loop, state).range();
            return new Range(range.lowOhms(), range.nominalOhms(), range.highOhms() + ohms);
        }

        private Optional<Conductor> thinnest(List<Conductor> conductors) {
            return conductors.stream()
                    .filter(conductor -> on(cable -> cable.withConductor(conductor)))
                    .max(Comparator.comparingDouble(Conductor::ohmsPerKilometre));
        }

        private List<LoopCase> states() {
            return loop.statesToTell();
        }

        private boolean safe(FittedLoop tried, double leakOhms) {
            return states().stream()
                    .allMatch(state ->
                            holds(state, network(tried, state, leakOhms).range()));
        }

        private static LoopPart network(FittedLoop tried, LoopCase state, double leakOhms) {
            return leakOhms < NO_LEAK_OHMS
                    ? LoopNetwork.withLeakAtWorst(tried, state.device(), leakOhms)
                    : LoopNetwork.of(tried, state);
        }

        private boolean holds(LoopCase state, Range range) {
            return chart.holding(range)
                    .map(Band::meaning)
                    .filter(state.rightConclusions()::contains)
                    .isPresent();
        }
    }
}
