package io.answerback.core.site;

import java.util.function.UnaryOperator;

/// A named change that makes one job out of another.
///
/// @param name what was done, as the undo menu says it, such as "length of C-17"
/// @param change the change itself; it may throw [IllegalArgumentException] when the figures it was given are
///     refused
public record Edit(String name, UnaryOperator<Job> change) {
    /// The job after this edit.
    ///
    /// @throws IllegalArgumentException when the job would break one of its rules; `job` is untouched
    public Job on(Job job) {
        return change.apply(job);
    }
}
