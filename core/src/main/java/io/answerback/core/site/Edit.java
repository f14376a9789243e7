package io.answerback.core.site;

import io.answerback.core.id.FedId;
import io.answerback.core.id.InputId;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/// A named change that makes one job out of another.
///
/// @param what what was done, as the undo menu says it, such as "length of C-17"
/// @param of what it was done to is called in a job, where that is to be added: it may have another name by then
/// @param change the change itself; it may throw [IllegalArgumentException] when the figures it was given are
///     refused
public record Edit(String what, Optional<Function<Parts, String>> of, UnaryOperator<Job> change) {
    /// A change whose name says it all.
    public Edit(String what, UnaryOperator<Job> change) {
        this(what, Optional.empty(), change);
    }

    /// A change of a module or a device.
    public Edit(String what, FedId of, UnaryOperator<Job> change) {
        this(what, Optional.of(job -> job.nameOf(of)), change);
    }

    /// A change of an input.
    public Edit(String what, InputId of, UnaryOperator<Job> change) {
        this(what, Optional.of(job -> job.input(of).map(job::nameOf).orElse(of.text())), change);
    }

    /// What was done, with the name that what it was done to has in a job, such as "address of Keypad 2".
    public String name(Parts job) {
        return of.map(called -> what + " of " + called.apply(job)).orElse(what);
    }

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
