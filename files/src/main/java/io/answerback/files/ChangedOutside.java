package io.answerback.files;

import java.nio.file.Path;

/// A file was changed by somebody else since it was read or saved last, and was left as they have it.
public final class ChangedOutside extends BrokenFile {
    private static final long serialVersionUID = 1L;

    ChangedOutside(Path file) {
        super("%s was changed outside this window since it was opened, so it was not overwritten."
                .formatted(file.getFileName()));
    }
}
