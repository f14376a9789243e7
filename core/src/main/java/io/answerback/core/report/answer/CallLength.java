package io.answerback.core.report.answer;

import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.Segment.Side;

/// How long a call to a receiver on a line takes.
///
/// @param toHandshakeMillis from seizing the line until the receiver's handshake begins
/// @param millis until the receiver has acknowledged
public record CallLength(long toHandshakeMillis, long millis) {
    /// The lengths of a call.
    public static CallLength of(Call call) {
        double handshake = call.steps().stream()
                .filter(step -> step.from() == Side.RECEIVER)
                .mapToDouble(Call.Step::atSeconds)
                .findFirst()
                .orElse(call.seconds());
        return new CallLength(Math.round(handshake * 1000), Math.round(call.seconds() * 1000));
    }
}
