package io.answerback.core.learn.faultfinding;

import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.loop.fault.MeasurementSetup;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/// The plan with the least expected minutes: by every measurement that is left, what each fault would show,
/// and what would then still have to be done; exact by dynamic programming over what is still possible. The
/// work is at an end when all that is possible has the same answer, or no measurement would part it.
final class FaultPlan {
    private static final double NOTHING = 1e-12;

    private final List<MeasurementSetup> setups;
    private final SiteCosts costs;
    private final double[] weights;
    private final int[] answers;
    private final int[][] classes;
    private final Map<Situation, Best> known = new HashMap<>();

    /// What is still possible, and whether the ladder stands.
    private record Situation(BitSet possible, boolean ladder) {}

    /// What to do, and what is then to be expected.
    ///
    /// @param setup the measurement; empty where nothing is left to do
    /// @param minutes expected minutes times the share of what is possible
    private record Best(Optional<MeasurementSetup> setup, double minutes) {}

    /// @param answers the answer of each fault, as a number
    /// @param classes by measurement, which readings a meter cannot tell apart: faults of one class read alike
    FaultPlan(List<MeasurementSetup> setups, SiteCosts costs, double[] weights, int[] answers, int[][] classes) {
        this.setups = setups;
        this.costs = costs;
        this.weights = weights;
        this.answers = answers;
        this.classes = classes;
    }

    /// What to measure next; empty where nothing is left to do.
    Optional<MeasurementSetup> next(BitSet possible, boolean ladder) {
        return best(possible, ladder).setup();
    }

    /// Expected minutes until nothing is left to do.
    double expectedMinutes(BitSet possible, boolean ladder) {
        double share = share(possible);
        return share < NOTHING ? 0 : best(possible, ladder).minutes() / share;
    }

    /// Whether all that is possible has one answer.
    boolean settled(BitSet possible) {
        return possible.stream().map(i -> answers[i]).distinct().limit(2).count() < 2;
    }

    private double share(BitSet possible) {
        return possible.stream().mapToDouble(i -> weights[i]).sum();
    }

    private Best best(BitSet possible, boolean ladder) {
        Situation situation = new Situation(possible, ladder);
        Best before = known.get(situation);
        if (before != null) {
            return before;
        }
        Best best = settled(possible) ? new Best(Optional.empty(), 0) : worked(possible, ladder);
        known.put(situation, best);
        return best;
    }

    private Best worked(BitSet possible, boolean ladder) {
        double share = share(possible);
        Best best = new Best(Optional.empty(), Double.POSITIVE_INFINITY);
        for (int m : cheapestFirst(ladder)) {
            double minutes = share * minutes(m, ladder);
            if (minutes < best.minutes() && parts(possible, m)) {
                minutes = with(possible, ladder, m, minutes, best.minutes());
                if (minutes < best.minutes()) {
                    best = new Best(Optional.of(setups.get(m)), minutes);
                }
            }
        }
        return best.setup().isPresent() ? best : new Best(Optional.empty(), 0);
    }

    private int[] cheapestFirst(boolean ladder) {
        return IntStream.range(0, setups.size())
                .boxed()
                .sorted(Comparator.comparingDouble(m -> minutes(m, ladder)))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private double minutes(int m, boolean ladder) {
        MeasurementSetup setup = setups.get(m);
        return costs.minutes(setup) + (costs.high(setup) && !ladder ? Safeguard.LADDER.minutes() : 0);
    }

    private boolean parts(BitSet possible, int m) {
        return possible.stream().map(i -> classes[m][i]).distinct().limit(2).count() == 2;
    }

    private double with(BitSet possible, boolean ladder, int m, double already, double most) {
        boolean stands = ladder || costs.high(setups.get(m));
        double minutes = already;
        for (BitSet left : parted(possible, m)) {
            minutes += minutes < most ? best(left, stands).minutes() : 0;
        }
        return minutes;
    }

    private Iterable<BitSet> parted(BitSet possible, int m) {
        Map<Integer, BitSet> parted = new TreeMap<>();
        possible.stream()
                .forEach(i -> parted.computeIfAbsent(classes[m][i], its -> new BitSet())
                        .set(i));
        return parted.values();
    }
}
