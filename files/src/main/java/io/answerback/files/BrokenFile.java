package io.answerback.files;

/// A file that cannot be read as what it should be. The message says which file, where in it, what is wrong
/// and what to do; it fits on one line.
public class BrokenFile extends Exception {
    private static final long serialVersionUID = 1L;

    /// A file refused for this reason.
    public BrokenFile(String reason) {
        super(reason);
    }

    /// A file refused for this reason, after something that failed.
    public BrokenFile(String reason, Throwable after) {
        super(reason, after);
    }
}
