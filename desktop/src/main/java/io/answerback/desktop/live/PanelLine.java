package io.answerback.desktop.live;

import io.answerback.core.panel.operation.Logged;
import java.util.Optional;

/// A line of the log of a practice panel.
///
/// @param number counted from 1, as long as the panel is not begun anew
/// @param logged what it did
/// @param reception what became of a signal; empty for what is no signal
public record PanelLine(long number, Logged logged, Optional<Reception> reception) {
    /// What became of a signal.
    ///
    /// @param state how far it has come
    /// @param words the same in plain words
    public record Reception(State state, String words) {}

    /// How far a signal has come.
    public enum State {
        /// It is on its way.
        SENDING,
        /// It waits until something gets through.
        WAITS,
        /// A receiver answered.
        ANSWERED,
        /// It was sent already, when its point was tried on the signal chain.
        SENT_FROM_CHAIN,
        /// Nobody answered.
        LOST
    }

    PanelLine with(State state, String words) {
        return new PanelLine(number, logged, Optional.of(new Reception(state, words)));
    }
}
