package io.answerback.desktop.shell;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.desk.Disk;
import io.answerback.edit.Edit;
import io.answerback.files.JobCodec;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import io.answerback.job.Job;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Opens and saves the job on the desk, and keeps its unsaved edits against a crash. The disk is read and
/// written off the JavaFX thread, one thing after another.
public final class JobKeeper implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(JobKeeper.class);
    private static final Duration AUTOSAVE_AFTER = Duration.seconds(1);

    private final Desk desk;
    private final Recovery recovery;
    private final Consumer<Path> opened;
    private final Disk disk;
    private final PauseTransition quiet = new PauseTransition(AUTOSAVE_AFTER);
    private JobDocument document;
    private String key;
    private Job kept;

    /// A keeper of the job on a desk.
    ///
    /// @param disk where files are read and written; closed with this keeper
    /// @param document the job as it was opened
    /// @param key what an unsaved job without a file goes by
    /// @param opened told of each file that is opened or saved to
    public JobKeeper(Desk desk, Disk disk, Recovery recovery, JobDocument document, String key, Consumer<Path> opened) {
        this.desk = desk;
        this.disk = disk;
        this.recovery = recovery;
        this.document = document;
        this.opened = opened;
        this.key = desk.now().file().map(JobKeeper::key).orElse(key);
        this.kept = document.job();
        quiet.setOnFinished(end -> keepUnsaved());
        desk.state().subscribe(state -> edited(state));
        recover();
    }

    private static String key(Path file) {
        return file.toAbsolutePath().toString();
    }

    /// Puts unsaved edits from an earlier run back as one edit, which undo takes back.
    private void recover() {
        recovery.find(key)
                .map(JobDocument::job)
                .filter(job -> !job.equals(desk.now().job()))
                .ifPresent(job -> {
                    desk.apply(new Edit("unsaved edits from the last run", saved -> job));
                    desk.tell("Unsaved edits from the last run are back. Undo takes them away again.");
                });
    }

    private void edited(DeskState state) {
        if (state.job() != kept && !disk.closed()) {
            quiet.playFromStart();
        }
    }

    private void keepUnsaved() {
        kept = desk.now().job();
        boolean unsaved = desk.now().unsaved();
        JobDocument now = document.with(kept);
        String under = key;
        disk.quietly(() -> {
            try {
                if (unsaved) {
                    recovery.keep(under, now);
                } else {
                    recovery.clear(under);
                }
            } catch (IOException failed) {
                LOG.warn("Unsaved edits cannot be kept: {}", failed.getMessage());
            }
        });
    }

    /// Opens a job file. When it is broken, says so and leaves the desk and the file as they are. Unsaved
    /// edits of the job that leaves the desk stay in recovery and come back when it is opened again.
    public void open(Path file) {
        flush();
        disk.run(() -> JobFile.open(file), document -> put(document, file));
    }

    private void put(JobDocument read, Path file) {
        document = read;
        key = key(file);
        kept = read.job();
        desk.put(read.job(), Optional.of(file), readOnly(read));
        opened.accept(file);
        recover();
    }

    /// Puts a job that has no file yet on the desk.
    ///
    /// @param key what it goes by while it has none
    public void begin(Job job, String key) {
        flush();
        document = JobDocument.of(job);
        this.key = key;
        kept = job;
        desk.put(job, Optional.empty(), "");
        recover();
    }

    /// Why a document cannot be saved; empty when it can.
    public static String readOnly(JobDocument document) {
        return document.newerVersion()
                .map(version ->
                        "Written by a newer version of Answerback (file version %d, this one writes %d): read only."
                                .formatted(version, JobCodec.VERSION))
                .orElse("");
    }

    /// Saves the job to its file.
    ///
    /// @return whether it has one; without one nothing happens
    public boolean save() {
        desk.now().file().ifPresent(this::saveAs);
        return desk.now().file().isPresent();
    }

    /// Saves the job to a file, which becomes its own.
    public void saveAs(Path file) {
        JobDocument now = document.with(desk.now().job());
        String before = key;
        disk.run(
                () -> {
                    JobFile.save(file, now);
                    recovery.clear(before);
                    return now;
                },
                saved -> {
                    key = key(file);
                    kept = saved.job();
                    desk.savedTo(file, saved.job());
                    opened.accept(file);
                });
    }

    private void flush() {
        if (desk.now().unsaved()) {
            keepUnsaved();
        }
    }

    /// Keeps what is unsaved and waits until the disk has it.
    @Override
    public void close() {
        quiet.stop();
        flush();
        disk.close();
    }
}
