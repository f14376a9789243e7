package io.answerback.station;

import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.SecretFrames;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;

/// What a frame is worth.
///
/// @param frame the frame that is answered
/// @param key the key it came encrypted with, with which its answer goes back; empty for one in the clear
/// @param received what the log lists
/// @param duplicate whether the same frame was listed before, so that it is answered but not listed again
/// @param further the signals in it behind the first
record Verdict(IpFrame frame, Optional<EncryptionKey> key, Received received, boolean duplicate, List<Signal> further) {
    Verdict(IpFrame frame, Optional<EncryptionKey> key, Received received, boolean duplicate) {
        this(frame, key, received, duplicate, List.of());
    }

    Verdict with(List<Signal> others) {
        return new Verdict(frame, key, received, duplicate, List.copyOf(others));
    }

    /// The answer's text, LF to CR; empty when none is sent.
    Optional<String> reply(Instant now, RandomGenerator random) {
        return received.answer().map(answer -> text(answer, frame, now, random));
    }

    /// One answer to a frame. A refusal is never encrypted (SIA DC-09), so that it can be read whatever the
    /// keys are.
    String text(Answer answer, IpFrame to, Instant now, RandomGenerator random) {
        IpFrame reply = answer.frame(to, now);
        return key.filter(any -> answer != Answer.NAK)
                .map(its -> SecretFrames.encode(reply.at(now), its, random))
                .orElseGet(() -> IpFrames.encode(reply));
    }

    Verdict answered(Optional<Answer> other) {
        return new Verdict(frame, key, received.answered(other), duplicate, further);
    }
}
