package io.answerback.core.fault;

import io.answerback.core.resistor.PreferredValues;
import io.answerback.core.scheme.DeviceState;
import java.util.ArrayList;
import java.util.List;

/// The values at which a cause with a free value is tried, rising.
final class FreeValues {
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

    static List<Double> of(Cause cause, FaultyLoop loop, List<Reading> readings) {
        return switch (cause.free()) {
            case NONE -> List.of(0.0);
            case STATE -> cause == Cause.CONTACT_STICKS ? stuck() : otherStates(loop, readings);
            case OHMS ->
                switch (cause) {
                    case JOINT -> evenInLogOhms(LEAST_JOINT_OHMS, MOST_JOINT_OHMS);
                    case CUT_THROUGH_DAMP -> evenInLogOhms(LEAST_DAMP_CUT_OHMS, MOST_DAMP_CUT_OHMS);
                    default -> evenInLogOhms(LEAST_LEAK_OHMS, MOST_LEAK_OHMS);
                };
            case METRES -> even(loop.loop().cable().metres());
            case PREFERRED_VALUE -> wrongValues(cause, loop);
        };
    }

    private static List<Double> stuck() {
        return List.of((double) DeviceState.AT_REST.ordinal(), (double) DeviceState.ACTIVE.ordinal());
    }

    /// Every state but the one that all readings were meant to be taken in. Without supply is a cause of its own.
    private static List<Double> otherStates(FaultyLoop loop, List<Reading> readings) {
        return loop.loop().scheme().deviceStates(loop.loop()).stream()
                .filter(state -> state != DeviceState.UNPOWERED)
                .filter(state -> readings.stream()
                        .anyMatch(reading -> reading.setup()
                                .device()
                                .filter(meant -> meant != state)
                                .isPresent()))
                .map(state -> (double) state.ordinal())
                .toList();
    }

    /// Every value that is made but the one that was planned.
    private static List<Double> wrongValues(Cause cause, FaultyLoop loop) {
        double planned = cause == Cause.WRONG_RESISTOR
                ? loop.loop().wiring().endOfLineOhms()
                : loop.loop().wiring().alarmOhms();
        double tolerance = loop.loop().wiring().tolerancePercent() / 100;
        return PreferredValues.E24.between(LEAST_RESISTOR_OHMS, MOST_RESISTOR_OHMS).stream()
                .filter(value -> Math.abs(value - planned) > tolerance * planned)
                .toList();
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
