package io.answerback.station;

import java.time.Duration;
import java.util.List;

/// What goes back to a caller.
///
/// @param texts what is sent, one after the other
/// @param after how long the station waits before
/// @param close whether the connection is closed then
record Reply(List<String> texts, Duration after, boolean close) {
    static final Reply NOTHING = new Reply(List.of(), Duration.ZERO, false);

    static Reply of(List<String> texts) {
        return new Reply(texts, Duration.ZERO, false);
    }

    /// All of it as one text.
    String text() {
        return String.join("", texts);
    }
}
