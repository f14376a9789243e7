package io.answerback.files;

import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.model.device.SchemeKind;

/// The resistance of a loop with one fault, by formulas written down a second time: it shares nothing with the code
/// that diagnoses but the names of causes and setups.
///
/// @param end end-of-line resistor, in ohms
/// @param alarm resistor of the first contact, in ohms
/// @param second resistor of the second contact, in ohms
/// @param pair copper of the cable there and back, in ohms
/// @param contact a closed contact, in ohms
record LoopByHand(SchemeKind scheme, double end, double alarm, double second, double pair, double contact) {
    private static final double OPEN = Double.POSITIVE_INFINITY;

    /// What may be the matter.
    ///
    /// @param value ohms, the share of the way from the panel, or the place of a state, as the cause has it
    /// @param near whether it lies before a joint half way
    record Guess(Cause cause, double value, boolean near) {
        static final Guess SOUND = new Guess(Cause.SOUND, 0, false);
    }

    private static double parallel(double one, double other) {
        if (one == OPEN || other == OPEN) {
            return Math.min(one, other);
        }
        return one + other == 0 ? 0 : one * other / (one + other);
    }

    double ohms(Guess guess, MeasurementSetup setup) {
        return switch (setup) {
            case TO_ZERO_VOLTS -> guess.cause() == Cause.LEAK_TO_ZERO_VOLTS ? guess.value() : OPEN;
            case NEW_RESISTOR -> withNewResistor(guess);
            case FROM_MID_JOINT -> fromMidJoint(guess);
            default -> whole(guess, setup);
        };
    }

    private double withNewResistor(Guess guess) {
        return switch (guess.cause()) {
            case WRONG_RESISTOR, RESISTOR_BRIDGED, SWAPPED -> whole(Guess.SOUND, MeasurementSetup.AT_REST);
            case RESISTOR_IN_PANEL -> whole(new Guess(Cause.DOUBLED, 0, false), MeasurementSetup.AT_REST);
            default -> whole(guess, MeasurementSetup.AT_REST);
        };
    }

    private double fromMidJoint(Guess guess) {
        LoopByHand half = new LoopByHand(scheme, end, alarm, second, pair / 2, contact);
        if (guess.near() || guess.cause() == Cause.SHORT && guess.value() < 0.5) {
            return half.whole(Guess.SOUND, MeasurementSetup.AT_REST);
        }
        Guess beyond = guess.cause() == Cause.SHORT ? new Guess(Cause.SHORT, 2 * guess.value() - 1, false) : guess;
        return half.whole(beyond, MeasurementSetup.AT_REST);
    }

    private double whole(Guess guess, MeasurementSetup setup) {
        double one = single(guess, setup);
        return guess.cause() == Cause.TWO_LOOPS ? parallel(one, single(Guess.SOUND, MeasurementSetup.AT_REST)) : one;
    }

    private double single(Guess guess, MeasurementSetup setup) {
        boolean inPanel = guess.cause() == Cause.RESISTOR_IN_PANEL;
        double device = device(guess, setup.device().orElse(DeviceState.AT_REST));
        double far = switch (setup) {
            case FAR_END_SHORTED -> 0;
            case FAR_END_LIFTED -> OPEN;
            default -> inPanel ? device : joined(device, endFitted(guess));
        };
        double field = switch (guess.cause()) {
            case CUT -> OPEN;
            case SHORT -> pair * guess.value();
            case LEAK -> pair + parallel(guess.value(), far);
            case LEAK_TO_ZERO_VOLTS -> pair / 2 + parallel(guess.value(), far + pair / 2);
            case JOINT, CUT_THROUGH_DAMP -> pair + guess.value() + far;
            default -> pair + far;
        };
        return inPanel ? joined(field, end) : field;
    }

    private boolean across() {
        return scheme == SchemeKind.END_OF_LINE_ACROSS || scheme == SchemeKind.TWO_WIRE_SMOKE;
    }

    private double joined(double device, double resistor) {
        if (!scheme.hasEndOfLine()) {
            return device;
        }
        return across() ? parallel(device, resistor) : device + resistor;
    }

    private double endFitted(Guess guess) {
        return switch (guess.cause()) {
            case RESISTOR_BRIDGED -> across() ? OPEN : 0;
            case WRONG_RESISTOR -> guess.value();
            case SWAPPED -> alarm;
            case DOUBLED -> across() ? end / 2 : end * 2;
            default -> end;
        };
    }

    private double device(Guess guess, DeviceState meant) {
        DeviceState state = guess.cause() == Cause.OTHER_STATE ? DeviceState.values()[(int) guess.value()] : meant;
        boolean cover = state == DeviceState.COVER_OFF;
        boolean lost = guess.cause() == Cause.LOST_SUPPLY && !cover;
        boolean first = lost
                || state == DeviceState.ACTIVE
                || state == DeviceState.BOTH_ACTIVE
                || state == DeviceState.ACTIVE_AND_MASKED;
        boolean other = lost
                || state == DeviceState.SECOND_ACTIVE
                || state == DeviceState.BOTH_ACTIVE
                || state == DeviceState.MASKED
                || state == DeviceState.ACTIVE_AND_MASKED;
        if (guess.cause() == Cause.WRONG_FORM && !cover) {
            first = !first;
        }
        if (guess.cause() == Cause.CONTACT_STICKS && !cover) {
            first = guess.value() == DeviceState.ACTIVE.ordinal();
        }
        double atContact = switch (guess.cause()) {
            case WRONG_ALARM_RESISTOR -> guess.value();
            case ALARM_RESISTOR_MISSING -> OPEN;
            case SWAPPED -> end;
            default -> alarm;
        };
        return network(first, other, cover ? OPEN : contact, atContact);
    }

    private double network(boolean first, boolean other, double cover, double atContact) {
        double alarmPart = first ? atContact : parallel(contact, atContact);
        double secondPart = other ? second : parallel(contact, second);
        return switch (scheme) {
            case CLOSED_LOOP, SINGLE_END_OF_LINE -> first ? OPEN : contact;
            case NORMALLY_OPEN, END_OF_LINE_ACROSS -> first ? contact : OPEN;
            case DOUBLE_END_OF_LINE -> cover + alarmPart;
            case TRIPLE_END_OF_LINE -> cover + alarmPart + secondPart;
            case TWO_ZONES_SERIES -> alarmPart + secondPart;
            case TWO_ZONES_PARALLEL -> parallel(first ? OPEN : contact + atContact, other ? OPEN : contact + second);
            case TWO_WIRE_SMOKE -> first ? atContact : second;
        };
    }
}
