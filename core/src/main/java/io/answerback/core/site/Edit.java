package io.answerback.core.site;

import java.util.function.UnaryOperator;

/// A named change that makes one job out of another.
///
/// @param name what was done, as the undo menu says it, such as "length of C-17"
/// @param change the change itself; it may throw [IllegalArgumentException] when the figures it was given are
///     refused
public record Edit(String name, UnaryOperator<Job> change) {
    /// What comes of this edit on a job. A figure or a reference that the job refuses is no failure of the
    /// program: it comes back as a value.
    public Edited tried(Job job) {
        try {
            return new Edited.Done(change.apply(job));
        } catch (IllegalArgumentException refused) {
            return new Edited.Refused(refused.getMessage());
        }
    }

    /// The job after an edit that is known to be possible, as one edit that is part of another.
    ///
    /// @throws IllegalArgumentException when it is refused after all; `job` is untouched
    public Job on(Job job) {
        return change.apply(job);
    }
}
