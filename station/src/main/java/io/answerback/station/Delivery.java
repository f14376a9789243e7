package io.answerback.station;

import io.answerback.core.signal.format.Answer;
import java.time.Instant;
import java.util.Optional;

/// How sending a frame went.
///
/// @param answer the station's answer; empty when none came
/// @param at when it ended
/// @param millis from the first try to the answer, or to giving up, in milliseconds
/// @param attempts tries made, 1 or more
/// @param problem why it was not acknowledged, in plain words; empty when it was
public record Delivery(Optional<Answer> answer, Instant at, long millis, int attempts, String problem) {
    /// Whether the station acknowledged.
    public boolean acknowledged() {
        return answer.filter(Answer.ACK::equals).isPresent();
    }
}
