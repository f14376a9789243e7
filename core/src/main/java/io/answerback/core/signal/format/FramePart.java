package io.answerback.core.signal.format;

/// A run of a frame's bytes with what it means.
///
/// @param kind what sort of thing it is
/// @param text the bytes, with LF and CR as those words
/// @param caption its name in a word or two
/// @param meaning what it says here, as a sentence
public record FramePart(Kind kind, String text, String caption, String meaning) {
    /// Sorts of run, in the order they stand in a frame.
    public enum Kind {
        /// LF and CR.
        ENVELOPE,
        /// The check and the length.
        GUARD,
        /// What the frame is.
        FORMAT,
        /// Sequence, receiver and line numbers.
        ROUTE,
        /// The account.
        ACCOUNT,
        /// What happened, where.
        EVENT,
        /// When it was sent.
        TIME
    }
}
