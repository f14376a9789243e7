package io.answerback.desktop;

import java.nio.file.Path;

/// What the window opens with.
public sealed interface Opening {
    /// The start sheet, where a job is chosen.
    record Start() implements Opening {}

    /// A demo job.
    ///
    /// @param number which, from 1
    record Demo(int number) implements Opening {}

    /// A job file.
    record JobAt(Path file) implements Opening {}
}
