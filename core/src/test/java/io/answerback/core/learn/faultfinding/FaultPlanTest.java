package io.answerback.core.learn.faultfinding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.loop.fault.MeasurementSetup;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/// The plan with the least expected minutes, held against every plan there is.
class FaultPlanTest {
    private static final List<MeasurementSetup> SETUPS = List.of(
            MeasurementSetup.AT_REST,
            MeasurementSetup.TO_ZERO_VOLTS,
            MeasurementSetup.FROM_MID_JOINT,
            MeasurementSetup.FAR_END_LIFTED);

    /// By hand: reading at rest (2 min) tells the third fault; the other two need the measurement to 0 V (3
    /// min). The other order is 3 min for the first and 5 min for the others. With shares of 1, 1 and 2 it is
    /// (5 + 5 + 2 + 2) / 4 = 3.5 min against (3 + 5 + 5 + 5) / 4 = 4.5 min.
    @Test
    void theOrderWithTheLeastExpectedMinutesIsTaken() {
        int[][] classes = {{0, 0, 1}, {0, 1, 1}, {0, 0, 0}, {0, 0, 0}};
        FaultPlan plan = new FaultPlan(
                SETUPS, new SiteCosts(1, false, false), new double[] {1, 1, 2}, new int[] {0, 1, 2}, classes);
        BitSet all = first(3);
        assertThat(plan.next(all, false)).contains(MeasurementSetup.AT_REST);
        assertThat(plan.expectedMinutes(all, false)).isEqualTo(3.5);
    }

    @Test
    void whatHasOneAnswerNeedsNoMeasurement() {
        FaultPlan plan = new FaultPlan(
                SETUPS, new SiteCosts(1, false, false), new double[] {1, 1}, new int[] {7, 7}, new int[][] {
                    {0, 1}, {0, 1}, {0, 1}, {0, 1}
                });
        assertThat(plan.settled(first(2))).isTrue();
        assertThat(plan.next(first(2), false)).isEmpty();
    }

    /// A search that tries every measurement at every step, without what makes the plan fast.
    @Test
    void noOtherPlanTakesLess() {
        Random random = new Random(24);
        for (int i = 0; i < 300; i++) {
            int faults = 2 + random.nextInt(7);
            int[][] classes = new int[SETUPS.size()][];
            for (int m = 0; m < classes.length; m++) {
                classes[m] =
                        IntStream.range(0, faults).map(f -> random.nextInt(3)).toArray();
            }
            double[] weights = IntStream.range(0, faults)
                    .mapToDouble(f -> 0.1 + random.nextDouble())
                    .toArray();
            int[] answers =
                    IntStream.range(0, faults).map(f -> random.nextInt(4)).toArray();
            SiteCosts costs = new SiteCosts(random.nextInt(6), random.nextBoolean(), random.nextBoolean());
            FaultPlan plan = new FaultPlan(SETUPS, costs, weights, answers, classes);
            double least = search(first(faults), false, costs, weights, answers, classes)
                    / IntStream.range(0, faults).mapToDouble(f -> weights[f]).sum();
            assertThat(plan.expectedMinutes(first(faults), false)).isCloseTo(least, within(1e-9));
        }
    }

    private static double search(
            BitSet left, boolean ladder, SiteCosts costs, double[] weights, int[] answers, int[][] classes) {
        if (left.stream().map(f -> answers[f]).distinct().count() < 2) {
            return 0;
        }
        double share = left.stream().mapToDouble(f -> weights[f]).sum();
        Optional<Double> least = Optional.empty();
        for (int m = 0; m < SETUPS.size(); m++) {
            int its = m;
            int[] kinds = left.stream().map(f -> classes[its][f]).distinct().toArray();
            if (kinds.length > 1) {
                boolean climbs = costs.high(SETUPS.get(m)) && !ladder;
                double minutes = share * (costs.minutes(SETUPS.get(m)) + (climbs ? Safeguard.LADDER.minutes() : 0));
                for (int kind : kinds) {
                    BitSet part = new BitSet();
                    left.stream().filter(f -> classes[its][f] == kind).forEach(part::set);
                    minutes += search(part, ladder || climbs, costs, weights, answers, classes);
                }
                double found = minutes;
                least = Optional.of(least.map(before -> Math.min(before, found)).orElse(found));
            }
        }
        return least.orElse(0.0);
    }

    private static BitSet first(int faults) {
        BitSet all = new BitSet();
        all.set(0, faults);
        return all;
    }
}
