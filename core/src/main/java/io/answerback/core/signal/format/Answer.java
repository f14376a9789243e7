package io.answerback.core.signal.format;

import java.time.Instant;
import java.util.Optional;

/// What a receiver answers to a frame (SIA DC-09).
public enum Answer {
    /// Received and understood.
    ACK,
    /// Refused; sent when the time stamp is out of bounds, with the receiver's own time.
    NAK,
    /// Received, but not understood or not served.
    DUH;

    /// The answer as a frame.
    ///
    /// @param to the frame that is answered
    /// @param now the receiver's time, carried by a `NAK`
    public IpFrame frame(IpFrame to, Instant now) {
        if (this == NAK) {
            return new IpFrame(name(), 0, "0", "0", "", "", Optional.of(now));
        }
        return new IpFrame(name(), to.sequence(), to.receiver(), to.line(), to.account(), "", Optional.empty());
    }

    /// Which answer a frame is to the frame that was sent; empty when it is none, or answers another frame.
    public static Optional<Answer> read(IpFrame answer, IpFrame sent) {
        if (answer.id().equals("NAK")) {
            return Optional.of(NAK);
        }
        return unlike(answer, sent).isEmpty() ? Optional.of(valueOf(answer.id())) : Optional.empty();
    }

    /// Why something that came back is not the answer to the frame that was sent, in plain words; empty when it is.
    public static Optional<String> unlike(IpFrame answer, IpFrame sent) {
        if (answer.id().equals("NAK")) {
            return Optional.empty();
        }
        if (!answer.answer()) {
            return Optional.of("it is " + answer.id() + ", not an answer");
        }
        if (answer.sequence() != sent.sequence()) {
            return Optional.of(
                    "it answers sequence " + answer.sequenceDigits() + ", this one is " + sent.sequenceDigits());
        }
        if (!answer.account().equals(sent.account())) {
            return Optional.of("it answers account " + answer.account() + ", this one is " + sent.account());
        }
        return answer.line().equals(sent.line())
                ? Optional.empty()
                : Optional.of("it answers line " + answer.line() + ", this one is " + sent.line());
    }
}
