package io.answerback.core.model.receiver;

import io.answerback.core.model.common.Require;

/// How the rounds of a pulse format are made up.
///
/// @param accountDigits digits of the account, 3 or 4
/// @param eventDigits digits that say what happened, 1 or 2; the second is the zone
/// @param extended whether a second pair of rounds follows: the event's digit in the places of the account,
///     then the zone, in as many digits as the event has
/// @param parity whether a round ends with a digit that brings the sum of all to a multiple of 15 and is sent
///     once; otherwise each round is sent twice and must be equal
public record PulseShape(int accountDigits, int eventDigits, boolean extended, boolean parity) {
    /// @throws IllegalArgumentException when a count is out of bounds
    public PulseShape {
        Require.within(accountDigits, 3, 4, "digits of the account");
        Require.within(eventDigits, 1, 2, "digits of the event");
    }

    /// Digits of one round, with its parity digit where it has one.
    public int roundDigits() {
        return accountDigits + eventDigits + (parity ? 1 : 0);
    }

    /// Whether a round is sent once or twice.
    public int timesSent() {
        return parity ? 1 : 2;
    }

    /// Whether the zone is sent in two digits, tens and ones, so that zones 1 to 99 can be told. Otherwise it has one
    /// digit, for zones 1 to 15.
    public boolean zoneOfTwoDigits() {
        return extended && eventDigits == 2;
    }

    /// Whether the zone can be told.
    public boolean tellsZone() {
        return extended || eventDigits == 2;
    }
}
