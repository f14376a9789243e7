package io.answerback.core.loop.fault;

import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.loop.scheme.DeviceState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// The values at which a cause with a free value is tried, rising, each with its share of the cause's prior. The
/// shares of a cause add up to one.
final class FreeValues {
    /// One value.
    ///
    /// @param value in the cause's own unit
    /// @param share of the cause's prior
    record Free(double value, double share) {}

    /// Most wrong resistors come from the kit in hand: how much of the prior the values that are used on the job
    /// have together, where there is another than the planned one.
    private static final double KIT_SHARE = 0.5;
    /// How much of the rest those have that every shop keeps: an old system may have any of them.
    private static final double COMMON_SHARE = 0.8;

    /// Less than this in series is no fault: it is lost in the tolerance of the resistors.
    private static final double LEAST_JOINT_OHMS = 30;

    private static final double MOST_JOINT_OHMS = 100_000;
    /// Damp or corrosion across a break conducts less than any joint that was ever made.
    private static final double LEAST_DAMP_CUT_OHMS = 100_000;

    private static final double MOST_DAMP_CUT_OHMS = 20e6;
    private static final double LEAST_LEAK_OHMS = 30;
    /// More than this across the pair is no fault, for the same reason.
    private static final double MOST_LEAK_OHMS = 200_000;

    private static final int OHMS_STEPS = 1200;
    private static final int METRES_STEPS = 60;
    private static final double LEAST_RESISTOR_OHMS = 100;
    private static final double MOST_RESISTOR_OHMS = 100_000;

    private FreeValues() {}

    /// @param kitOhms the values of resistors that are used on the job or that its panel expects
    static List<Free> of(Cause cause, FaultyLoop loop, Set<Double> kitOhms, List<Reading> readings) {
        return switch (cause.free()) {
            case NONE -> alike(List.of(0.0));
            case STATE -> alike(cause == Cause.CONTACT_STICKS ? stuck() : otherStates(loop, readings));
            case OHMS ->
                alike(
                        switch (cause) {
                            case JOINT -> evenInLogOhms(LEAST_JOINT_OHMS, MOST_JOINT_OHMS);
                            case CUT_THROUGH_DAMP -> evenInLogOhms(LEAST_DAMP_CUT_OHMS, MOST_DAMP_CUT_OHMS);
                            default -> evenInLogOhms(LEAST_LEAK_OHMS, MOST_LEAK_OHMS);
                        });
            case METRES -> alike(even(loop.loop().cable().metres()));
            case PREFERRED_VALUE -> wrongValues(cause, loop, kitOhms);
        };
    }

    private static List<Free> alike(List<Double> values) {
        return values.stream()
                .map(value -> new Free(value, 1.0 / values.size()))
                .toList();
    }

    private static List<Double> stuck() {
        return List.of((double) DeviceState.AT_REST.ordinal(), (double) DeviceState.ACTIVE.ordinal());
    }

    /// Every state but the one that all readings were meant to be taken in; at rest is meant where nothing is said.
    /// Without supply is a cause of its own.
    private static List<Double> otherStates(FaultyLoop loop, List<Reading> readings) {
        Set<DeviceState> meant = Diagnosis.askedFor(readings);
        return loop.loop().scheme().deviceStates(loop.loop()).stream()
                .filter(state -> state != DeviceState.UNPOWERED)
                .filter(state -> meant.size() > 1 || !meant.contains(state))
                .filter(state -> !meant.isEmpty() || state != DeviceState.AT_REST)
                .map(state -> (double) state.ordinal())
                .toList();
    }

    /// Every value that is made but the one that was planned. Those of the kit are the likeliest by far.
    private static List<Free> wrongValues(Cause cause, FaultyLoop loop, Set<Double> kitOhms) {
        double planned = cause == Cause.WRONG_RESISTOR
                ? loop.loop().wiring().endOfLineOhms()
                : loop.loop().wiring().alarmOhms();
        Set<Double> known = new HashSet<>(kitOhms);
        known.addAll(List.of(
                loop.loop().wiring().endOfLineOhms(),
                loop.loop().wiring().alarmOhms(),
                loop.loop().wiring().secondOhms()));
        double tolerance = loop.loop().wiring().tolerancePercent() / 100;
        Predicate<Double> wrong = value -> value > 0 && Math.abs(value - planned) > tolerance * planned;
        List<Double> kit = known.stream().filter(wrong).toList();
        List<Double> common = PreferredValues.E12.between(LEAST_RESISTOR_OHMS, MOST_RESISTOR_OHMS).stream()
                .filter(wrong.and(value -> !known.contains(value)))
                .toList();
        List<Double> seldom = PreferredValues.E24.between(LEAST_RESISTOR_OHMS, MOST_RESISTOR_OHMS).stream()
                .filter(wrong.and(value -> !known.contains(value) && !common.contains(value)))
                .toList();
        double ofKit = kit.isEmpty() ? 0 : KIT_SHARE;
        return Stream.of(
                        sharing(kit, ofKit),
                        sharing(common, (1 - ofKit) * COMMON_SHARE),
                        sharing(seldom, (1 - ofKit) * (1 - COMMON_SHARE)))
                .flatMap(its -> its)
                .sorted(Comparator.comparingDouble(Free::value))
                .toList();
    }

    private static Stream<Free> sharing(List<Double> values, double share) {
        return values.stream().map(value -> new Free(value, share / values.size()));
    }

    private static List<Double> evenInLogOhms(double least, double most) {
        List<Double> values = new ArrayList<>();
        for (int i = 0; i < OHMS_STEPS; i++) {
            values.add(least * Math.pow(most / least, (double) i / (OHMS_STEPS - 1)));
        }
        return values;
    }

    private static List<Double> even(double most) {
        List<Double> values = new ArrayList<>();
        for (int i = 0; i <= METRES_STEPS; i++) {
            values.add(most * i / METRES_STEPS);
        }
        return values;
    }
}
