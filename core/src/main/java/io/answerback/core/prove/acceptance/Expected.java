package io.answerback.core.prove.acceptance;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;

/// A signal that has to arrive.
///
/// @param account under which account
/// @param qualifier whether it begins or ends
/// @param event three digits of the event table
/// @param area its area; 0 for none
/// @param number its zone or user; -1 for any user
public record Expected(String account, Qualifier qualifier, String event, int area, int number) {
    /// Any user's number.
    public static final int ANY = -1;

    private static final String MANUAL_TEST = "601";
    private static final String PERIODIC_TEST = "602";

    /// A signal as something expected.
    static Expected of(Signal signal) {
        return new Expected(signal.account(), signal.qualifier(), signal.event(), signal.area(), signal.zone());
    }

    /// Whether a signal is this one.
    public boolean is(Signal signal) {
        return account.equals(signal.account())
                && qualifier == signal.qualifier()
                && isEvent(signal.event())
                && area == signal.area()
                && (number == ANY || number == signal.zone());
    }

    /// A test that is started by hand is sent as a manual one, or as the periodic one, as the communicator has it.
    private boolean isEvent(String other) {
        return event.equals(other) || event.equals(MANUAL_TEST) && other.equals(PERIODIC_TEST);
    }

    /// The same by a user.
    ///
    /// @param user their number, or [#ANY]
    Expected by(int user) {
        return new Expected(account, qualifier, event, area, user);
    }

    /// A test that somebody starts, under an account.
    static Expected test(String account) {
        return new Expected(account, Qualifier.NEW, MANUAL_TEST, 0, ANY);
    }

    /// Such as "130 · 02 · 015", with an R before it for a restore.
    public String words() {
        return Text.of(
                "%s%s · %02d · %s",
                qualifier == Qualifier.RESTORE ? "R " : "",
                event,
                area,
                number == ANY ? "user" : Text.of("%03d", number));
    }
}
