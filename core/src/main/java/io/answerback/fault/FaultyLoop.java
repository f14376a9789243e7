package io.answerback.fault;

import io.answerback.job.Cable;
import io.answerback.loop.DeviceState;
import io.answerback.loop.FarEnd;
import io.answerback.loop.FaultKind;
import io.answerback.loop.FittedLoop;
import io.answerback.loop.LoopFault;
import io.answerback.loop.LoopNetwork;
import io.answerback.loop.LoopPart;

/// The loop as it would be under one cause, in any setup.
///
/// @param loop the parts that were planned
record FaultyLoop(FittedLoop loop) {
    /// Whether a cause can be at all with these parts.
    boolean possible(Cause cause) {
        return LoopNetwork.possible(cause.kind(), loop);
    }

    /// Whether a cause can lie on either side of a joint half way.
    static boolean onEitherSide(Cause cause) {
        return switch (cause) {
            case CUT, LEAK, LEAK_TO_ZERO_VOLTS, JOINT -> true;
            default -> false;
        };
    }

    /// The loop.
    ///
    /// @param value the cause's free value, in its own unit; any where it has none
    /// @param near whether the cause lies between the panel and the joint half way
    LoopPart of(Cause cause, double value, boolean near, Setup setup) {
        return switch (setup) {
            case FAR_END_SHORTED -> network(cause, value, DeviceState.AT_REST, FarEnd.BRIDGED);
            case FAR_END_LIFTED -> network(cause, value, DeviceState.AT_REST, FarEnd.LIFTED);
            case FROM_MID_JOINT -> beyondMidJoint(cause, value, near);
            case TO_ZERO_VOLTS -> toZeroVolts(cause, value);
            case NEW_RESISTOR -> withNewResistor(cause, value);
            default -> network(cause, value, setup.device().orElseThrow(), FarEnd.DEVICE);
        };
    }

    private LoopPart network(Cause cause, double value, DeviceState meant, FarEnd farEnd) {
        DeviceState state = cause == Cause.OTHER_STATE ? DeviceState.values()[(int) value] : meant;
        return LoopNetwork.of(loop, state, fault(cause, value), farEnd);
    }

    private static LoopFault fault(Cause cause, double value) {
        return cause.kind().value() == FaultKind.Value.NONE
                ? LoopFault.of(cause.kind())
                : new LoopFault(cause.kind(), value);
    }

    private LoopPart beyondMidJoint(Cause cause, double value, boolean near) {
        Cable cable = loop.cable();
        double half = cable.metres() / 2;
        FaultyLoop rest = new FaultyLoop(loop.withCable(cable.withMetres(half)));
        if (near || cause == Cause.SHORT && value < half) {
            return rest.network(Cause.SOUND, 0, DeviceState.AT_REST, FarEnd.DEVICE);
        }
        return rest.network(cause, cause == Cause.SHORT ? value - half : value, DeviceState.AT_REST, FarEnd.DEVICE);
    }

    private static LoopPart toZeroVolts(Cause cause, double value) {
        return cause == Cause.LEAK_TO_ZERO_VOLTS ? new LoopPart.Leak(value) : new LoopPart.Cut();
    }

    /// A new resistor at the device mends a wrong or missing one there. Beside one at the panel it is a second one.
    private LoopPart withNewResistor(Cause cause, double value) {
        Cause left = switch (cause) {
            case WRONG_RESISTOR, RESISTOR_BRIDGED, SWAPPED -> Cause.SOUND;
            case RESISTOR_IN_PANEL -> Cause.DOUBLED;
            default -> cause;
        };
        return network(left, value, DeviceState.AT_REST, FarEnd.DEVICE);
    }
}
