package io.answerback.desktop.work;

/// One thing worth saying to whoever works in the window.
///
/// @param words what is said; empty for nothing
/// @param stays whether it is said until somebody dismisses it or goes on with an edit; otherwise it goes with
///     the next thing that is done, for it speaks of the last one
public record Said(String words, boolean stays) {
    /// Nothing to say.
    public static final Said NONE = new Said("", false);

    /// What came of the last thing that was done.
    public static Said of(String words) {
        return words.isEmpty() ? NONE : new Said(words, false);
    }

    /// What must be read, however long that takes.
    public static Said staying(String words) {
        return words.isEmpty() ? NONE : new Said(words, true);
    }

    /// What is left of it once somebody has gone on to something else.
    Said later() {
        return stays ? this : NONE;
    }
}
