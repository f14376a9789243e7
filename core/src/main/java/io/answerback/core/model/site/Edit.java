package io.answerback.core.model.site;

import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.InputId;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// A named change that makes one job out of another.
///
/// @param what what was done, as the undo menu says it, such as "length of C-17"
/// @param of what it was done to, where its name is to be added: it may have another by then
/// @param change the change itself; it may throw [IllegalArgumentException] when the figures it was given are
///     refused
public record Edit(String what, Optional<Named> of, UnaryOperator<Job> change) {
    /// Something that has a name in a job.
    public sealed interface Named {
        /// Its name in a job; its id where it is not there.
        String in(Parts job);
    }

    private record OfFed(FedId id) implements Named {
        @Override
        public String in(Parts job) {
            return job.nameOf(id);
        }
    }

    private record OfInput(InputId id) implements Named {
        @Override
        public String in(Parts job) {
            return job.input(id).map(job::nameOf).orElse(id.text());
        }
    }

    /// A change whose name says it all.
    public Edit(String what, UnaryOperator<Job> change) {
        this(what, Optional.empty(), change);
    }

    /// A change of a module or a device.
    public Edit(String what, FedId of, UnaryOperator<Job> change) {
        this(what, Optional.of(new OfFed(of)), change);
    }

    /// A change of an input.
    public Edit(String what, InputId of, UnaryOperator<Job> change) {
        this(what, Optional.of(new OfInput(of)), change);
    }

    /// What was done, with the name that what it was done to has in a job, such as "address of Keypad 2".
    public String name(Parts job) {
        return of.map(called -> what + " of " + called.in(job)).orElse(what);
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
