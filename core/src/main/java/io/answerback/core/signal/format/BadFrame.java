package io.answerback.core.signal.format;

/// What came in is not a frame of its format. The message says what is wrong, where, and what was expected.
public final class BadFrame extends Exception {
    private static final long serialVersionUID = 1L;

    /// A frame refused for this reason.
    public BadFrame(String reason) {
        super(reason);
    }
}
