package io.answerback.core.learn.faultfinding;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.fault.FaultyLoop;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopFault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/// Every fault that a loop can have in an exercise of a grade. A fault with a value of its own is there at a
/// few values that differ by more than a meter's error.
final class FaultSpace {
    /// From this grade on faults come and go.
    static final int PROVOKED_FROM = 2;
    /// From this grade on the side of the joint is asked.
    static final int SIDED_FROM = 3;
    /// From this grade on two things can be wrong.
    static final int DOUBLE_FROM = 4;

    private static final double BOTH = 0.2;
    private static final double BOTH_LAST_GRADE = 3;
    private static final List<Double> LEAKS = List.of(330.0, 1500.0, 5600.0, 22_000.0, 68_000.0);
    private static final List<Double> JOINTS = List.of(150.0, 470.0, 1800.0, 8200.0, 39_000.0);
    private static final List<Double> DAMP_CUTS = List.of(180_000.0, 820_000.0, 3_300_000.0);
    private static final List<Double> SHORT_SHARES = List.of(0.0, 0.3, 0.8);
    private static final List<Double> RESISTORS =
            List.of(470.0, 1000.0, 2200.0, 3300.0, 4700.0, 5600.0, 8200.0, 10_000.0, 22_000.0);
    private static final double ALIKE = 0.15;

    private final FittedLoop planned;
    private final int grade;
    private final ToDoubleFunction<Cause> prior;

    FaultSpace(FittedLoop planned, int grade, Priors priors) {
        this.planned = planned;
        this.grade = grade;
        this.prior = priors::of;
    }

    /// All of them, each with how often it is met.
    List<HiddenFault> all() {
        List<HiddenFault> all = new ArrayList<>();
        FaultyLoop loop = new FaultyLoop(planned);
        for (Cause cause : Cause.values()) {
            if (asked(cause) && loop.possible(cause)) {
                addSingle(all, cause);
            }
        }
        if (grade >= DOUBLE_FROM) {
            double share = grade == Exercise.GRADES ? BOTH_LAST_GRADE : BOTH;
            parts().forEach(part -> addDouble(all, part, share / parts().size()));
        }
        return all;
    }

    private static boolean asked(Cause cause) {
        return switch (cause) {
            case SOUND, OTHER_STATE, UNEXPLAINED -> false;
            case CUT,
                    SHORT,
                    LEAK,
                    LEAK_TO_ZERO_VOLTS,
                    JOINT,
                    RESISTOR_BRIDGED,
                    WRONG_RESISTOR,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    DOUBLED,
                    RESISTOR_IN_PANEL,
                    WRONG_FORM,
                    TWO_LOOPS,
                    CUT_THROUGH_DAMP,
                    LOST_SUPPLY,
                    CONTACT_STICKS -> true;
        };
    }

    private void addSingle(List<HiddenFault> all, Cause cause) {
        List<Trigger> triggers = triggers(cause).stream()
                .filter(trigger -> grade >= PROVOKED_FROM || trigger.constant())
                .toList();
        add(all, Optional.empty(), cause, values(cause), triggers, prior.applyAsDouble(cause));
    }

    private void addDouble(List<HiddenFault> all, LoopFault part, double share) {
        for (Cause cause : List.of(Cause.LEAK, Cause.LEAK_TO_ZERO_VOLTS, Cause.JOINT)) {
            List<Double> values = values(cause).subList(1, 3);
            add(all, Optional.of(part), cause, values, List.of(Trigger.HAPPENED), share * prior.applyAsDouble(cause));
        }
    }

    private void add(
            List<HiddenFault> all,
            Optional<LoopFault> part,
            Cause cause,
            List<Double> values,
            List<Trigger> triggers,
            double share) {
        List<Boolean> sides = FaultyLoop.onEitherSide(cause) ? List.of(true, false) : List.of(false);
        double each = share / values.size() / sides.size() / triggers.size();
        for (Trigger trigger : triggers) {
            for (boolean near : sides) {
                values.forEach(value -> all.add(new HiddenFault(part, cause, value, near, trigger, each)));
            }
        }
    }

    private static List<Trigger> triggers(Cause cause) {
        return switch (cause) {
            case LEAK, LEAK_TO_ZERO_VOLTS -> List.of(Trigger.HAPPENED, Trigger.WET);
            case JOINT -> List.of(Trigger.FITTED, Trigger.HAPPENED, Trigger.WARM, Trigger.MOVED);
            case CUT, SHORT -> List.of(Trigger.FITTED, Trigger.HAPPENED, Trigger.MOVED);
            case CUT_THROUGH_DAMP, CONTACT_STICKS -> List.of(Trigger.HAPPENED);
            case LOST_SUPPLY -> List.of(Trigger.FITTED, Trigger.HAPPENED);
            case SOUND,
                    OTHER_STATE,
                    RESISTOR_BRIDGED,
                    WRONG_RESISTOR,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    DOUBLED,
                    RESISTOR_IN_PANEL,
                    WRONG_FORM,
                    TWO_LOOPS,
                    UNEXPLAINED -> List.of(Trigger.FITTED);
        };
    }

    private List<Double> values(Cause cause) {
        return switch (cause) {
            case LEAK, LEAK_TO_ZERO_VOLTS -> LEAKS;
            case JOINT -> JOINTS;
            case CUT_THROUGH_DAMP -> DAMP_CUTS;
            case SHORT ->
                SHORT_SHARES.stream()
                        .map(share -> share * planned.cable().metres())
                        .toList();
            case WRONG_RESISTOR -> others(planned.wiring().endOfLineOhms());
            case WRONG_ALARM_RESISTOR -> others(planned.wiring().alarmOhms());
            case CONTACT_STICKS ->
                List.of((double) DeviceState.AT_REST.ordinal(), (double) DeviceState.ACTIVE.ordinal());
            case SOUND,
                    OTHER_STATE,
                    CUT,
                    RESISTOR_BRIDGED,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    DOUBLED,
                    RESISTOR_IN_PANEL,
                    WRONG_FORM,
                    TWO_LOOPS,
                    LOST_SUPPLY,
                    UNEXPLAINED -> List.of(0.0);
        };
    }

    private static List<Double> others(double ohms) {
        return RESISTORS.stream()
                .map(PreferredValues.E12::nearest)
                .filter(value -> Math.abs(value - ohms) > ALIKE * ohms)
                .toList();
    }

    /// Parts that can be wrong beside a fault of the cable.
    private List<LoopFault> parts() {
        List<LoopFault> parts = new ArrayList<>();
        if (LoopNetwork.possible(FaultKind.WRONG_RESISTOR, planned)) {
            others(planned.wiring().endOfLineOhms()).stream()
                    .limit(4)
                    .skip(2)
                    .forEach(ohms -> parts.add(new LoopFault(FaultKind.WRONG_RESISTOR, ohms)));
        }
        if (LoopNetwork.possible(FaultKind.WRONG_ALARM_RESISTOR, planned)) {
            others(planned.wiring().alarmOhms()).stream()
                    .limit(4)
                    .skip(2)
                    .forEach(ohms -> parts.add(new LoopFault(FaultKind.WRONG_ALARM_RESISTOR, ohms)));
        }
        if (LoopNetwork.possible(FaultKind.SWAPPED, planned)) {
            parts.add(LoopFault.of(FaultKind.SWAPPED));
        }
        return parts;
    }
}
