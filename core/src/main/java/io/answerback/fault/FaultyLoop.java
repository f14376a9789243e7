package io.answerback.fault;

import io.answerback.job.Cable;
import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import io.answerback.loop.DeviceState;
import io.answerback.loop.LoopPart;
import io.answerback.loop.LoopPart.CableRun;
import io.answerback.loop.LoopPart.Contact;
import io.answerback.loop.LoopPart.Cut;
import io.answerback.loop.LoopPart.Leak;
import io.answerback.loop.LoopPart.Parallel;
import io.answerback.loop.LoopPart.Resistor;
import io.answerback.loop.LoopPart.Series;
import io.answerback.loop.LoopPart.Short;
import io.answerback.loop.LoopScheme;

/// The loop as it would be under one cause, in any setup.
///
/// @param wiring the parts that were planned
/// @param cable the pair to the device
record FaultyLoop(LoopWiring wiring, Cable cable) {
    /// Whether a cause can be at all with this wiring.
    boolean possible(Cause cause) {
        boolean resistor = wiring.scheme().hasEndOfLine();
        boolean two = wiring.scheme() == SchemeKind.DOUBLE_END_OF_LINE;
        return switch (cause) {
            case SOUND, OTHER_STATE, CUT, SHORT, LEAK, JOINT, WRONG_FORM -> true;
            case RESISTOR_BRIDGED, WRONG_RESISTOR, DOUBLED -> resistor;
            case WRONG_ALARM_RESISTOR, ALARM_RESISTOR_MISSING, SWAPPED -> two;
        };
    }

    /// The loop.
    ///
    /// @param value the cause's free value, in its own unit; any where it has none
    LoopPart of(Cause cause, double value, Setup setup) {
        return switch (cause) {
            case SHORT -> Series.of(run(Math.min(value, cable.metres())), new Short());
            case CUT -> Series.of(run(cable.metres()), new Cut());
            case LEAK -> Series.of(run(cable.metres()), Parallel.of(new Leak(value), farEnd(cause, value, setup)));
            case JOINT -> Series.of(run(cable.metres()), new Resistor(value, 0), farEnd(cause, value, setup));
            default -> Series.of(run(cable.metres()), farEnd(cause, value, setup));
        };
    }

    private CableRun run(double metres) {
        return new CableRun(metres, cable.conductor(), cable.coldestCelsius(), cable.hottestCelsius());
    }

    private LoopPart farEnd(Cause cause, double value, Setup setup) {
        if (setup == Setup.FAR_END_LIFTED) {
            return new Cut();
        }
        if (setup == Setup.FAR_END_SHORTED) {
            return new Short();
        }
        LoopWiring fitted = fitted(cause, value);
        DeviceState state = state(cause, value, setup.device().orElseThrow());
        LoopPart contacts = cause == Cause.ALARM_RESISTOR_MISSING
                ? bare(state)
                : LoopScheme.of(fitted.scheme()).contacts(fitted, state);
        LoopScheme scheme = LoopScheme.of(fitted.scheme());
        return scheme.hasEndOfLine()
                ? scheme.joined(contacts, new Resistor(fitted.endOfLineOhms(), fitted.tolerancePercent()))
                : contacts;
    }

    /// The contacts of a double end-of-line without the resistor across the alarm contact.
    private LoopPart bare(DeviceState state) {
        return new Contact(2 * wiring.contactOhms(), state == DeviceState.AT_REST);
    }

    private LoopWiring fitted(Cause cause, double value) {
        return switch (cause) {
            case RESISTOR_BRIDGED -> wiring.withEndOfLineOhms(0);
            case WRONG_RESISTOR -> wiring.withEndOfLineOhms(value);
            case WRONG_ALARM_RESISTOR -> wiring.withAlarmOhms(value);
            case SWAPPED -> wiring.withEndOfLineOhms(wiring.alarmOhms()).withAlarmOhms(wiring.endOfLineOhms());
            case DOUBLED -> wiring.withEndOfLineOhms(2 * wiring.endOfLineOhms());
            default -> wiring;
        };
    }

    private static DeviceState state(Cause cause, double value, DeviceState meant) {
        return switch (cause) {
            case OTHER_STATE -> DeviceState.values()[(int) value];
            case WRONG_FORM ->
                switch (meant) {
                    case AT_REST -> DeviceState.ACTIVE;
                    case ACTIVE -> DeviceState.AT_REST;
                    case COVER_OFF -> DeviceState.COVER_OFF;
                };
            default -> meant;
        };
    }
}
