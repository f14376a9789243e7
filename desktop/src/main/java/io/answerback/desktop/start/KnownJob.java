package io.answerback.desktop.start;

import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.JobStanding;
import io.answerback.files.BrokenFile;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A job somebody can go on with.
///
/// @param where its file, or what it goes by while it has none
/// @param file its file; empty for one that was never saved
/// @param document the job; empty when its file cannot be read
/// @param standing how it stands; empty when its file cannot be read
/// @param trouble why its file cannot be read; empty when it can
/// @param unsaved whether edits of it wait that are in no file
record KnownJob(
        String where,
        Optional<Path> file,
        Optional<JobDocument> document,
        Optional<JobStanding> standing,
        String trouble,
        boolean unsaved) {
    /// Reads and assesses the jobs that were never saved and those that were opened lately. Takes a while; not
    /// for the JavaFX thread.
    static List<KnownJob> read(List<String> recent, Recovery recovery, Assessor assessor) {
        List<KnownJob> all = new ArrayList<>();
        recovery.newJobs()
                .forEach((key, unsaved) -> begun(key, unsaved, assessor).ifPresent(all::add));
        recent.forEach(file -> all.add(read(Path.of(file), recovery, assessor)));
        return all;
    }

    private static Optional<KnownJob> begun(String key, Unsaved unsaved, Assessor assessor) {
        return switch (unsaved) {
            case Unsaved.Nothing nothing -> Optional.empty();
            case Unsaved.Kept kept ->
                Optional.of(new KnownJob(
                        key,
                        Optional.empty(),
                        Optional.of(kept.document()),
                        standing(kept.document(), assessor),
                        "",
                        true));
            case Unsaved.Damaged damaged ->
                Optional.of(
                        new KnownJob(key, Optional.empty(), Optional.empty(), Optional.empty(), damaged.says(), true));
        };
    }

    private static KnownJob read(Path file, Recovery recovery, Assessor assessor) {
        try {
            JobDocument document = JobFile.open(file);
            return new KnownJob(
                    file.toString(),
                    Optional.of(file),
                    Optional.of(document),
                    standing(document, assessor),
                    "",
                    waits(file, recovery));
        } catch (BrokenFile broken) {
            return new KnownJob(
                    file.toString(),
                    Optional.of(file),
                    Optional.empty(),
                    Optional.empty(),
                    broken.getMessage(),
                    waits(file, recovery));
        }
    }

    private static boolean waits(Path file, Recovery recovery) {
        return !(recovery.find(file.toAbsolutePath().toString()) instanceof Unsaved.Nothing);
    }

    private static Optional<JobStanding> standing(JobDocument document, Assessor assessor) {
        return Optional.of(JobStanding.of(assessor.assess(document.job()), ZoneId.systemDefault()));
    }
}
