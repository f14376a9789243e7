package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.FramePart.Kind;
import java.util.List;

/// The sixteen digits of SIA DC-05 in their groups, each with what it means.
public final class ToneParts {
    private ToneParts() {}

    /// The groups of a signal's digits.
    ///
    /// @throws IllegalArgumentException when the account is not four digits that the format can send
    public static List<FramePart> of(Signal signal, EventTable events) {
        String digits = ContactId.encode(signal);
        int sum = digits.chars().map(digit -> PulseReport.pulses((char) digit)).sum();
        return List.of(
                new FramePart(Kind.ACCOUNT, digits.substring(0, 4), "account", "Which site this is."),
                new FramePart(Kind.FORMAT, digits.substring(4, 6), "message type", "18 or 98: event digits follow."),
                new FramePart(
                        Kind.EVENT, digits.substring(6, 7), signal.qualifier().words(), "1 begins, 3 ends, 6 goes on."),
                new FramePart(Kind.EVENT, digits.substring(7, 10), events.words(signal), "The event code."),
                new FramePart(Kind.EVENT, digits.substring(10, 12), "area", "The area it happened in."),
                new FramePart(
                        Kind.EVENT,
                        digits.substring(12, 15),
                        events.numbered(signal.event()).label(),
                        events.numbered(signal.event()).meaning()),
                new FramePart(
                        Kind.GUARD,
                        digits.substring(15),
                        "check digit",
                        Text.of("It brings the sum of all digits to %d, a multiple of 15; 0 counts as 10.", sum)));
    }
}
