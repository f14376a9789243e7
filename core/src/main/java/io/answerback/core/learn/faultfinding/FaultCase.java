package io.answerback.core.learn.faultfinding;

import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.Range;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;

/// One loop with one hidden fault, and everything else that people could mean by the same complaint.
final class FaultCase {
    private static final int TRIES = 400;
    private static final double METER_MOST = 2.5;

    private final FittedLoop planned;
    private final SiteCosts costs;
    private final boolean sided;
    private final List<HiddenFault> possible;
    private final int hidden;
    private final FaultPlan plan;
    private final int[][] classes;
    private final List<FaultAnswer> choices;
    private final List<MeasurementSetup> setups;
    private final long seed;

    private FaultCase(
            FittedLoop planned,
            SiteCosts costs,
            boolean sided,
            List<HiddenFault> possible,
            List<FaultAnswer> choices,
            int hidden,
            long seed) {
        this.planned = planned;
        this.costs = costs;
        this.sided = sided;
        this.possible = possible;
        this.hidden = hidden;
        this.choices = choices;
        this.seed = seed;
        this.setups = MeasurementSetup.of(planned);
        this.classes = setups.stream()
                .map(setup -> ReadingClasses.of(possible.stream()
                        .map(fault -> fault.reads(planned, setup, true))
                        .toList()))
                .toArray(int[][]::new);
        List<String> answers = possible.stream()
                .map(fault -> fault.answer(sided).id())
                .distinct()
                .toList();
        this.plan = new FaultPlan(
                setups,
                costs,
                possible.stream().mapToDouble(HiddenFault::weight).toArray(),
                possible.stream()
                        .mapToInt(fault -> answers.indexOf(fault.answer(sided).id()))
                        .toArray(),
                classes);
    }

    /// A case of a loop in which the best plan ends with one answer, and which needs a measurement at all;
    /// empty where none was found.
    static Optional<FaultCase> of(
            FittedLoop planned, BandChart chart, int grade, Priors priors, long seed, Random random) {
        List<HiddenFault> all = new FaultSpace(planned, grade, priors).all();
        boolean sided = grade >= FaultSpace.SIDED_FROM;
        SiteCosts costs = SiteCosts.of(planned.cable().metres(), random);
        List<FaultAnswer> choices =
                all.stream().map(fault -> fault.answer(sided)).distinct().toList();
        Map<HiddenFault, Effect> effects =
                all.stream().collect(Collectors.toMap(its -> its, its -> Effect.of(its, planned, chart)));
        for (int i = 0; i < TRIES; i++) {
            HiddenFault fault = drawn(all, random);
            List<HiddenFault> alike = all.stream()
                    .filter(other -> effects.get(other).equals(effects.get(fault)))
                    .toList();
            FaultCase made = new FaultCase(planned, costs, sided, alike, choices, alike.indexOf(fault), seed);
            if (!made.plan.settled(made.all()) && made.plan.settled(made.leftByTheExpert())) {
                return Optional.of(made);
            }
        }
        return Optional.empty();
    }

    private static HiddenFault drawn(List<HiddenFault> all, Random random) {
        double at = random.nextDouble()
                * all.stream().mapToDouble(HiddenFault::weight).sum();
        for (HiddenFault fault : all) {
            at -= fault.weight();
            if (at <= 0) {
                return fault;
            }
        }
        return all.getLast();
    }

    /// All that fits the complaint.
    BitSet all() {
        BitSet all = new BitSet();
        all.set(0, possible.size());
        return all;
    }

    private BitSet leftByTheExpert() {
        BitSet left = all();
        Optional<MeasurementSetup> next = plan.next(left, false);
        boolean ladder = false;
        while (next.isPresent()) {
            left = after(left, next.get());
            ladder |= costs.high(next.get());
            next = plan.next(left, ladder);
        }
        return left;
    }

    /// What is left possible of some after a measurement has shown what the hidden fault shows.
    BitSet after(BitSet before, MeasurementSetup setup) {
        int[] its = classes[setups.indexOf(setup)];
        BitSet left = new BitSet();
        before.stream().filter(i -> its[i] == its[hidden]).forEach(left::set);
        return left;
    }

    /// The answers among some that are still possible, in words.
    List<String> fitting(BitSet left) {
        return left.stream()
                .mapToObj(i -> possible.get(i).answer(sided).words())
                .distinct()
                .toList();
    }

    /// What the meter shows: the loop as it really is, somewhere within its tolerance, with the meter's error.
    double shows(MeasurementSetup setup, boolean provoked) {
        return meter(fault().reads(planned, setup, provoked), setup);
    }

    private double meter(Range range, MeasurementSetup setup) {
        if (range.open()) {
            return Double.POSITIVE_INFINITY;
        }
        double low = range.lowOhms();
        double high = Double.isInfinite(range.highOhms()) ? low : range.highOhms();
        double really = low + new Random(seed).nextDouble() * (high - low);
        double error = Math.clamp(new Random(seed * 31 + seedNumber(setup)).nextGaussian(), -METER_MOST, METER_MOST);
        return Math.max(0, really + error * Reading.ohms(setup, really).errorOhms());
    }

    /// Never changes, so that a seed printed on paper still makes the same readings when setups are added.
    private static int seedNumber(MeasurementSetup setup) {
        return switch (setup) {
            case AT_REST -> 0;
            case ACTIVE -> 1;
            case SECOND_ACTIVE -> 2;
            case BOTH_ACTIVE -> 3;
            case MASKED -> 4;
            case COVER_OFF -> 5;
            case FAR_END_SHORTED -> 6;
            case FAR_END_LIFTED -> 7;
            case FROM_MID_JOINT -> 8;
            case TO_ZERO_VOLTS -> 9;
            case NEW_RESISTOR -> 10;
        };
    }

    /// The hidden fault.
    HiddenFault fault() {
        return possible.get(hidden);
    }

    /// The right answer.
    FaultAnswer answer() {
        return fault().answer(sided);
    }

    /// Every answer that there is for this loop.
    List<FaultAnswer> choices() {
        return choices;
    }

    FittedLoop planned() {
        return planned;
    }

    SiteCosts costs() {
        return costs;
    }

    FaultPlan plan() {
        return plan;
    }

    List<MeasurementSetup> setups() {
        return setups;
    }

    Effect effect(BandChart chart) {
        return Effect.of(fault(), planned, chart);
    }
}
