package io.answerback.core.signal.format;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;

/// The DTMF event format of SIA DC-05: ACCT MT QXYZ GG CCC S, sixteen digits.
public final class ContactId {
    private static final String DIGITS = "0123456789ABCDEF";
    private static final int LENGTH = 16;

    private ContactId() {}

    /// The sixteen digits of a signal, message type 18, check digit last.
    ///
    /// @throws IllegalArgumentException when the account is not four digits, or has an A, which the format
    ///     cannot send
    public static String encode(Signal signal) {
        String account = signal.account();
        if (!account.matches("[0-9B-F]{4}")) {
            throw new IllegalArgumentException("account is \"" + account
                    + "\"; this format takes four of 0-9 and B-F (A has no tone); give the area a four-digit account");
        }
        String digits = account + "18" + body(signal).replace(" ", "");
        return digits + checkDigit(digits);
    }

    /// Qualifier, event, area and zone with blanks between, as IP frames carry them: `1130 01 007`.
    public static String body(Signal signal) {
        return signal.qualifier().digit() + signal.event() + " " + signal.areaDigits() + " " + signal.zoneDigits();
    }

    /// The digit that brings the sum of all digits to a multiple of 15, where 0 counts as 10 and B to F as 11
    /// to 15. A needed 15 (or none) is F; a needed 10 is sent as 0.
    ///
    /// @param digits the digits before the check digit, each one of 0-9 and B-F
    /// @throws IllegalArgumentException when a character is not such a digit
    public static char checkDigit(String digits) {
        int needed = 15 - digits.chars().map(ContactId::value).sum() % 15;
        return needed == 10 ? '0' : DIGITS.charAt(needed);
    }

    private static int value(int digit) {
        int value = DIGITS.indexOf(digit);
        if (value < 0 || value == 10) {
            throw new IllegalArgumentException("\"" + (char) digit + "\" is not one of 0-9 and B-F");
        }
        return value == 0 ? 10 : value;
    }

    /// The signal that sixteen digits stand for. Blanks between digits are passed over.
    ///
    /// @throws BadFrame when the count, a digit, the message type or the check digit is wrong
    public static Signal decode(String text) throws BadFrame {
        String digits = text.replace(" ", "").strip();
        if (digits.length() != LENGTH) {
            throw new BadFrame("has " + digits.length() + " digits; the format has 16");
        }
        if (!digits.matches("[0-9B-F]+")) {
            throw new BadFrame("\"" + digits + "\" has a character that is not one of 0-9 and B-F");
        }
        String type = digits.substring(4, 6);
        if (!type.equals("18") && !type.equals("98")) {
            throw new BadFrame("message type is " + type + "; it must be 18 or 98");
        }
        char right = checkDigit(digits.substring(0, LENGTH - 1));
        if (digits.charAt(LENGTH - 1) != right) {
            throw new BadFrame("check digit is " + digits.charAt(LENGTH - 1) + "; the other digits need " + right);
        }
        return parts(digits.substring(0, 4), digits.substring(6, LENGTH - 1));
    }

    /// The signal in an account and the nine digits QXYZGGCCC.
    ///
    /// @throws BadFrame when a digit does not stand for what its place means
    static Signal parts(String account, String digits) throws BadFrame {
        if (!digits.matches("[0-9B-F]{4}\\d{5}")) {
            throw new BadFrame("\"" + digits + "\" is not a qualifier, an event, an area and a zone");
        }
        try {
            return new Signal(
                    account,
                    Qualifier.of(digits.charAt(0)),
                    digits.substring(1, 4),
                    Integer.parseInt(digits.substring(4, 6)),
                    Integer.parseInt(digits.substring(6)));
        } catch (IllegalArgumentException wrong) {
            throw new BadFrame(wrong.getMessage());
        }
    }
}
