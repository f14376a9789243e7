package io.answerback.files.secret;

import io.answerback.files.BrokenFile;

/// The pass phrase is not the one the keys are encrypted with. It says no more, so that nobody learns from it.
public final class WrongPassPhrase extends BrokenFile {
    private static final long serialVersionUID = 1L;

    WrongPassPhrase() {
        super("This pass phrase does not open the keys. Type it again; capital letters matter.");
    }
}
