package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.PulseShape;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/// One event in a pulse format: rounds of digits, each digit so many pulses, 0 as ten and B to F as 11 to 15.
///
/// @param format a pulse format
/// @param rounds the rounds in the order in which they are sent, each as often as it is sent
public record PulseReport(ReportFormat format, List<String> rounds) {
    private static final String ZONES = "0123456789ABCDEF";
    private static final int LAST_ZONE = 15;
    private static final int LAST_OF_TWO_DIGITS = 99;

    /// The zone of which the digit is 0, and the pulses of that digit.
    public static final int TEN = 10;

    public PulseReport {
        rounds = List.copyOf(rounds);
    }

    /// The rounds of a signal. An extended report of an event that has no zone ends after its first rounds.
    ///
    /// @param format a pulse format
    /// @param eventDigit the digit that says what happened, one of 0-9 and B-F
    /// @throws IllegalArgumentException when the format is none of pulses, the account has another count of
    ///     digits or an A, or the zone has no single digit
    public static PulseReport of(Signal signal, ReportFormat format, char eventDigit) {
        PulseShape shape =
                format.shape().orElseThrow(() -> new IllegalArgumentException(format.id() + " is no pulse format"));
        String account = account(signal.account(), shape);
        List<String> rounds = new ArrayList<>();
        if (shape.extended()) {
            extended(rounds, account, eventDigit, signal.zone(), shape);
        } else if (shape.eventDigits() == 2) {
            add(rounds, account + eventDigit + zoneDigit(signal.zone()), shape);
        } else {
            add(rounds, account + eventDigit, shape);
        }
        return new PulseReport(format, rounds);
    }

    private static void extended(List<String> rounds, String account, char eventDigit, int zone, PulseShape shape) {
        String whole = shape.zoneOfTwoDigits() ? twoDigits(zone) : String.valueOf(zoneDigit(zone));
        add(rounds, account + eventDigit + (shape.zoneOfTwoDigits() ? whole.substring(1) : ""), shape);
        if (zone != 0) {
            add(rounds, String.valueOf(eventDigit).repeat(shape.accountDigits()) + whole, shape);
        }
    }

    private static String twoDigits(int zone) {
        if (zone < 0 || zone > LAST_OF_TWO_DIGITS) {
            throw new IllegalArgumentException(Text.of(
                    "zone %03d has more than two digits; this format reports zones 1 to 99. Send tones or IP instead",
                    zone));
        }
        return Text.of("%02d", zone);
    }

    private static String account(String account, PulseShape shape) {
        if (!account.matches("[0-9B-F]{" + shape.accountDigits() + "}")) {
            throw new IllegalArgumentException(Text.of(
                    "account is \"%s\"; this format takes %d of 0-9 and B-F. Give the receiver an account of its own",
                    account, shape.accountDigits()));
        }
        return account;
    }

    private static void add(List<String> rounds, String digits, PulseShape shape) {
        String round = shape.parity() ? digits + ContactId.checkDigit(digits) : digits;
        rounds.addAll(Collections.nCopies(shape.timesSent(), round));
    }

    /// The digit of a zone: 1 to 9, 0 for zone ten, B to F for 11 to 15. Every digit has pulses, so that an
    /// event without a zone cannot leave its place empty: it is sent as the ten pulses of zone ten.
    ///
    /// @throws IllegalArgumentException when the zone is above 15
    public static char zoneDigit(int zone) {
        if (zone < 0 || zone > LAST_ZONE) {
            throw new IllegalArgumentException(Text.of(
                    "zone %03d has no single digit; pulses tell zones 1 to 15. Send tones or IP instead", zone));
        }
        return zone == TEN ? '0' : ZONES.charAt(zone);
    }

    /// The zone a digit stands for: 1 to 15, where 0 is ten.
    public static int zoneOf(char digit) {
        return pulses(digit);
    }

    /// Pulses of a digit: 0 is ten, B to F are 11 to 15.
    ///
    /// @throws IllegalArgumentException when it is not one of 0-9 and B-F
    public static int pulses(char digit) {
        int value = ZONES.indexOf(digit);
        if (value < 0 || value == TEN) {
            throw new IllegalArgumentException("\"" + digit + "\" is not one of 0-9 and B-F");
        }
        return value == 0 ? TEN : value;
    }

    /// The digit of a count of pulses, 1 to 15.
    ///
    /// @throws IllegalArgumentException when the count is out of bounds
    public static char digit(int pulses) {
        if (pulses < 1 || pulses > LAST_ZONE) {
            throw new IllegalArgumentException(Text.of("%d pulses are no digit; there are 1 to 15", pulses));
        }
        return pulses == TEN ? '0' : ZONES.charAt(pulses);
    }

    /// The rounds one after another with a blank between.
    public String text() {
        return String.join(" ", rounds);
    }
}
