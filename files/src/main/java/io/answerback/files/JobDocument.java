package io.answerback.files;

import io.answerback.core.model.site.Job;
import java.util.Optional;

/// A job as it was read from a file, with what is needed to write it back whole.
///
/// @param job the job
/// @param original the document as it was read; empty for a job that was never in a file
/// @param newerVersion the file's version when it is newer than this application's; such a file is read-only
/// @param fingerprint tells the file's content apart from any other, as it was when it was read or saved last;
///     empty for a job that was never in a file
public record JobDocument(Job job, Optional<Original> original, Optional<Integer> newerVersion, String fingerprint) {
    /// A job as it was read, from a text whose file is not known.
    JobDocument(Job job, Original original, Optional<Integer> newerVersion) {
        this(job, Optional.of(original), newerVersion, "");
    }

    /// A job that was never in a file.
    public static JobDocument of(Job job) {
        return new JobDocument(job, Optional.empty(), Optional.empty(), "");
    }

    /// The same document holding a later state of the job.
    public JobDocument with(Job later) {
        return new JobDocument(later, original, newerVersion, fingerprint);
    }

    /// The same document, whose file has another content now.
    public JobDocument withFingerprint(String other) {
        return new JobDocument(job, original, newerVersion, other);
    }
}
