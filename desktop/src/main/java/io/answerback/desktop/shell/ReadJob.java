package io.answerback.desktop.shell;

import io.answerback.core.assess.Assessment;
import io.answerback.core.model.site.Job;
import io.answerback.files.BrokenFile;
import io.answerback.files.DiskWords;
import io.answerback.files.JobCodec;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import io.answerback.files.folder.OpenFiles;
import io.answerback.files.record.JobLog;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;

/// A job that was read and assessed whole, before anything of it is shown. Made off the JavaFX thread.
///
/// @param document the job
/// @param assessment everything computed from it
/// @param file where it is kept; empty while it has no file
/// @param key what its unsaved edits are kept under
/// @param unsaved its unsaved edits from an earlier run
/// @param hold the hold on its file; empty without a file, or where another window has it
/// @param elsewhere whether another window has its file
/// @param trouble what went wrong beside it; empty when nothing did
public record ReadJob(
        JobDocument document,
        Assessment assessment,
        Optional<Path> file,
        String key,
        Unsaved unsaved,
        Optional<OpenFiles.Hold> hold,
        boolean elsewhere,
        String trouble) {
    /// A program that was ended while it saved may have added some of what was done to the log already.
    private static Unsaved notLogged(Unsaved unsaved, Path file) {
        if (!(unsaved instanceof Unsaved.Kept kept)) {
            return unsaved;
        }
        try {
            return new Unsaved.Kept(kept.document(), JobLog.beside(file).lacks(kept.log()));
        } catch (IOException unreadable) {
            return unsaved;
        }
    }

    /// Reads a job file.
    ///
    /// @param secondKey what a second window's unsaved edits are kept under
    /// @throws BrokenFile when it cannot be read, or what is computed from it fails
    public static ReadJob of(
            Path file, Recovery recovery, OpenFiles open, Function<Job, Assessment> assess, String secondKey)
            throws BrokenFile {
        JobDocument document = JobFile.open(file);
        Assessment assessment = assessed(document.job(), assess, file.toString());
        Optional<OpenFiles.Hold> hold = Optional.empty();
        String trouble = "";
        try {
            hold = open.take(file);
        } catch (IOException refused) {
            trouble = "It cannot be seen whether another window has this file: %s.".formatted(DiskWords.of(refused));
        }
        boolean elsewhere = hold.isEmpty() && trouble.isEmpty();
        String key = elsewhere ? secondKey : key(file);
        Unsaved unsaved = notLogged(checked(recovery.find(key), assess), file);
        return new ReadJob(document, assessment, Optional.of(file), key, unsaved, hold, elsewhere, trouble);
    }

    /// Takes a job that has no file.
    ///
    /// @throws BrokenFile when what is computed from it fails
    public static ReadJob of(Job job, String key, Recovery recovery, Function<Job, Assessment> assess)
            throws BrokenFile {
        Assessment assessment = assessed(job, assess, "The job");
        Unsaved unsaved = checked(recovery.find(key), assess);
        return new ReadJob(
                JobDocument.of(job), assessment, Optional.empty(), key, unsaved, Optional.empty(), false, "");
    }

    /// What the unsaved edits of a file are kept under.
    static String key(Path file) {
        return file.toAbsolutePath().toString();
    }

    private static Assessment assessed(Job job, Function<Job, Assessment> assess, String name) throws BrokenFile {
        try {
            return assess.apply(job);
        } catch (RuntimeException fails) {
            throw new BrokenFile("%s can be read, but computing it fails: %s. It was not opened; please report it."
                    .formatted(name, fails.getMessage()));
        }
    }

    private static Unsaved checked(Unsaved unsaved, Function<Job, Assessment> assess) throws BrokenFile {
        if (unsaved instanceof Unsaved.Kept kept) {
            assessed(kept.document().job(), assess, "What was not saved");
        }
        return unsaved;
    }

    /// Why a job cannot be saved to its file; empty when it can.
    public String readOnly() {
        if (elsewhere()) {
            return "This file is open in another window of Answerback: read only here. Save as keeps changes under another name.";
        }
        return document()
                .newerVersion()
                .map(version ->
                        "Written by a newer version of Answerback (file version %d, this one writes %d): read only."
                                .formatted(version, JobCodec.VERSION))
                .orElse("");
    }
}
