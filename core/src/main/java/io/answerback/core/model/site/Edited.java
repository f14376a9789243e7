package io.answerback.core.model.site;

/// What came of an edit.
public sealed interface Edited {
    /// It was made.
    ///
    /// @param job the job after it
    record Done(Job job) implements Edited {}

    /// It cannot be made; the job is as it was.
    ///
    /// @param why what is wrong and what to do, in plain words
    record Refused(String why) implements Edited {}
}
