package io.answerback.core.learn.faultfinding;

import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.fault.FaultyLoop;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.loop.scheme.Range;
import java.util.Optional;

/// What is wrong with a loop: one fault, or a wrong part and a fault of the cable together.
///
/// @param part a wrong part of the loop; empty for a single fault
/// @param cause the fault
/// @param value its value in the cause's unit: ohms, metres, or the place of a state; any where it has none
/// @param near whether it lies between the panel and the joint half way
/// @param trigger when it shows itself; a wrong part shows itself all the time
/// @param weight how often it is met, as a share of all
record HiddenFault(Optional<LoopFault> part, Cause cause, double value, boolean near, Trigger trigger, double weight) {
    /// Dry, a leak conducts this many times less.
    private static final double DRY = 50;

    /// What a meter can show.
    ///
    /// @param provoked whether what makes it show itself is there
    Range reads(FittedLoop planned, MeasurementSetup setup, boolean provoked) {
        FaultyLoop loop = new FaultyLoop(really(planned, setup));
        return shown(loop, setup, provoked || trigger.constant()).range();
    }

    /// A new end-of-line resistor mends a wrong one, and one that has changed places.
    private FittedLoop really(FittedLoop planned, MeasurementSetup setup) {
        return part.filter(its -> setup != MeasurementSetup.NEW_RESISTOR || !ofEndOfLine(its))
                .map(its -> planned.withWiring(LoopNetwork.fitted(planned.wiring(), its)))
                .orElse(planned);
    }

    private static boolean ofEndOfLine(LoopFault fault) {
        return switch (fault.kind()) {
            case WRONG_RESISTOR, SWAPPED -> true;
            case SOUND,
                    CUT,
                    SHORT,
                    LEAK,
                    LEAK_TO_ZERO_VOLTS,
                    JOINT,
                    NO_RESISTOR,
                    RESISTOR_IN_PANEL,
                    DOUBLED,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    WRONG_FORM,
                    TWO_LOOPS -> false;
        };
    }

    private LoopPart shown(FaultyLoop loop, MeasurementSetup setup, boolean shows) {
        if (shows) {
            return loop.of(cause, value, near, setup);
        }
        boolean leak = cause == Cause.LEAK || cause == Cause.LEAK_TO_ZERO_VOLTS;
        return leak ? loop.of(cause, value * DRY, near, setup) : loop.of(Cause.SOUND, 0, false, setup);
    }

    /// The right answer.
    ///
    /// @param sided whether the side is asked too
    FaultAnswer answer(boolean sided) {
        boolean side = sided && FaultyLoop.onEitherSide(cause);
        return new FaultAnswer(
                part.map(LoopFault::kind),
                cause,
                side ? Optional.of(near ? FaultAnswer.Side.BEFORE : FaultAnswer.Side.BEYOND) : Optional.empty());
    }
}
