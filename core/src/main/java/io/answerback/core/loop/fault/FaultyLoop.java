package io.answerback.core.loop.fault;

import io.answerback.core.loop.FarEnd;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.ResistorPlace;
import java.util.EnumMap;
import java.util.Map;

/// The loop as it would be under one cause, in any setup. What does not change with a cause's value is worked
/// out once.
public final class FaultyLoop {
    private final FittedLoop loop;
    private final Map<MeasurementSetup, LoopPart> farEnds = new EnumMap<>(MeasurementSetup.class);

    /// @param loop the parts that were planned
    public FaultyLoop(FittedLoop loop) {
        this.loop = loop;
    }

    /// The parts that were planned.
    public FittedLoop loop() {
        return loop;
    }

    /// Whether a cause can be at all with these parts.
    public boolean possible(Cause cause) {
        return switch (cause) {
            case LOST_SUPPLY -> loop.scheme().deviceStates(loop).contains(DeviceState.UNPOWERED);
            case SOUND,
                    OTHER_STATE,
                    CUT,
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
                    CONTACT_STICKS,
                    UNEXPLAINED -> LoopNetwork.possible(cause.kind(), loop);
        };
    }

    /// Whether a cause can lie on either side of a joint half way.
    public static boolean onEitherSide(Cause cause) {
        return switch (cause) {
            case CUT, LEAK, LEAK_TO_ZERO_VOLTS, JOINT, CUT_THROUGH_DAMP -> true;
            case SOUND,
                    OTHER_STATE,
                    SHORT,
                    RESISTOR_BRIDGED,
                    WRONG_RESISTOR,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    DOUBLED,
                    RESISTOR_IN_PANEL,
                    WRONG_FORM,
                    TWO_LOOPS,
                    LOST_SUPPLY,
                    CONTACT_STICKS,
                    UNEXPLAINED -> false;
        };
    }

    /// The loop.
    ///
    /// @param value the cause's free value, in its own unit; any where it has none
    /// @param near whether the cause lies between the panel and the joint half way
    public LoopPart of(Cause cause, double value, boolean near, MeasurementSetup setup) {
        return switch (setup) {
            case FROM_MID_JOINT -> beyondMidJoint(cause, value, near);
            case TO_ZERO_VOLTS -> toZeroVolts(cause, value);
            case NEW_RESISTOR -> withNewResistor(cause, value);
            case AT_REST, ACTIVE, SECOND_ACTIVE, BOTH_ACTIVE, MASKED, COVER_OFF, FAR_END_SHORTED, FAR_END_LIFTED ->
                onTheCable(cause)
                        ? LoopNetwork.behindCable(loop, fault(cause, value), farEnd(setup))
                        : network(loop, cause, value, state(setup), farEndOf(setup));
        };
    }

    /// Whether only the cable has the fault, and nothing sits at its panel end.
    private boolean onTheCable(Cause cause) {
        return loop.wiring().place() == ResistorPlace.LAST_DEVICE
                && switch (cause) {
                    case CUT, SHORT, LEAK, LEAK_TO_ZERO_VOLTS, JOINT, CUT_THROUGH_DAMP -> true;
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
                            LOST_SUPPLY,
                            CONTACT_STICKS,
                            UNEXPLAINED -> false;
                };
    }

    /// What is at the far end of a cable without length.
    private LoopPart farEnd(MeasurementSetup setup) {
        return farEnds.computeIfAbsent(setup, its -> {
            FittedLoop bare = loop.withCable(loop.cable().withMetres(0));
            Range range = LoopNetwork.of(bare, state(its), LoopFault.NONE, farEndOf(its))
                    .range();
            return new LoopPart.Known(range);
        });
    }

    private static FarEnd farEndOf(MeasurementSetup setup) {
        return switch (setup) {
            case FAR_END_SHORTED -> FarEnd.BRIDGED;
            case FAR_END_LIFTED -> FarEnd.LIFTED;
            case AT_REST,
                    ACTIVE,
                    SECOND_ACTIVE,
                    BOTH_ACTIVE,
                    MASKED,
                    COVER_OFF,
                    FROM_MID_JOINT,
                    TO_ZERO_VOLTS,
                    NEW_RESISTOR -> FarEnd.DEVICE;
        };
    }

    private static DeviceState state(MeasurementSetup setup) {
        return setup.device().orElse(DeviceState.AT_REST);
    }

    private static LoopPart network(FittedLoop loop, Cause cause, double value, DeviceState meant, FarEnd farEnd) {
        DeviceState state = switch (cause) {
            case OTHER_STATE -> DeviceState.values()[(int) value];
            case LOST_SUPPLY -> meant == DeviceState.COVER_OFF ? meant : DeviceState.UNPOWERED;
            case CONTACT_STICKS -> stuck(DeviceState.values()[(int) value], meant);
            case SOUND,
                    CUT,
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
                    UNEXPLAINED -> meant;
        };
        return LoopNetwork.of(loop, state, fault(cause, value), farEnd);
    }

    /// What the contacts do when the alarm contact stays in a state and the others follow.
    private static DeviceState stuck(DeviceState alarm, DeviceState meant) {
        boolean active = alarm == DeviceState.ACTIVE;
        return switch (meant) {
            case AT_REST, ACTIVE, ALL_ACTIVE, UNPOWERED -> alarm;
            case SECOND_ACTIVE, BOTH_ACTIVE -> active ? DeviceState.BOTH_ACTIVE : DeviceState.SECOND_ACTIVE;
            case MASKED, ACTIVE_AND_MASKED -> active ? DeviceState.ACTIVE_AND_MASKED : DeviceState.MASKED;
            case COVER_OFF -> DeviceState.COVER_OFF;
        };
    }

    private static LoopFault fault(Cause cause, double value) {
        return cause.kind().value() == FaultKind.Value.NONE
                ? LoopFault.of(cause.kind())
                : new LoopFault(cause.kind(), value);
    }

    private LoopPart beyondMidJoint(Cause cause, double value, boolean near) {
        Cable cable = loop.cable();
        double half = cable.metres() / 2;
        FittedLoop rest = loop.withCable(cable.withMetres(half));
        if (near || cause == Cause.SHORT && value < half) {
            return network(rest, Cause.SOUND, 0, DeviceState.AT_REST, FarEnd.DEVICE);
        }
        double from = cause == Cause.SHORT ? value - half : value;
        return onTheCable(cause)
                ? LoopNetwork.behindCable(rest, fault(cause, from), farEnd(MeasurementSetup.AT_REST))
                : network(rest, cause, from, DeviceState.AT_REST, FarEnd.DEVICE);
    }

    private static LoopPart toZeroVolts(Cause cause, double value) {
        return cause == Cause.LEAK_TO_ZERO_VOLTS ? new LoopPart.Leak(value) : new LoopPart.Cut();
    }

    /// A new resistor at the device mends a wrong or missing one there. Beside one at the panel it is a second
    /// one.
    private LoopPart withNewResistor(Cause cause, double value) {
        Cause left = switch (cause) {
            case WRONG_RESISTOR, RESISTOR_BRIDGED, SWAPPED -> Cause.SOUND;
            case RESISTOR_IN_PANEL -> Cause.DOUBLED;
            case SOUND,
                    OTHER_STATE,
                    CUT,
                    SHORT,
                    LEAK,
                    LEAK_TO_ZERO_VOLTS,
                    JOINT,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    DOUBLED,
                    WRONG_FORM,
                    TWO_LOOPS,
                    CUT_THROUGH_DAMP,
                    LOST_SUPPLY,
                    CONTACT_STICKS,
                    UNEXPLAINED -> cause;
        };
        return of(left, value, false, MeasurementSetup.AT_REST);
    }
}
