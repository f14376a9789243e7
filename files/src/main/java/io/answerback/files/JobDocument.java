package io.answerback.files;

import io.answerback.job.Job;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/// A job as it was read from a file, with what is needed to write it back whole.
///
/// @param job the job
/// @param original the document as it was read; null for a job that was never in a file
/// @param newerVersion the file's version when it is newer than this application's; such a file is read-only
public record JobDocument(Job job, JsonNode original, Optional<Integer> newerVersion) {
    /// A job that was never in a file.
    public static JobDocument of(Job job) {
        return new JobDocument(job, null, Optional.empty());
    }

    /// The same document holding a later state of the job.
    public JobDocument with(Job later) {
        return new JobDocument(later, original, newerVersion);
    }
}
