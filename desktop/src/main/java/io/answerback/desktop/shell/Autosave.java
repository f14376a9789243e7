package io.answerback.desktop.shell;

import io.answerback.core.site.Job;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.DiskWords;
import io.answerback.files.JobDocument;
import io.answerback.files.Recovery;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/// Keeps unsaved edits against a crash: a quarter of a second after the first edit that is not kept, however
/// fast others follow. While the disk is slower than that, only the newest state waits for it. On a thread of
/// its own, so that nothing else that is read, written or computed holds it up.
final class Autosave implements AutoCloseable {
    private static final Duration AFTER = Duration.millis(250);

    private final OpenJob openJob;
    private final Background background;
    private final Recovery recovery;
    private final PauseTransition due = new PauseTransition(AFTER);
    private final ExecutorService thread = Executors.newSingleThreadExecutor(
            Thread.ofVirtual().name("autosave").factory());
    private final Map<String, Waiting> waiting = new ConcurrentHashMap<>();
    private JobDocument document;
    private String key = "";
    private Job kept;
    private boolean failing;
    private boolean warm;

    /// What waits to be written for a job.
    private record Waiting(boolean unsaved, JobDocument document) {}

    Autosave(OpenJob openJob, Background background, Recovery recovery) {
        this.openJob = openJob;
        this.background = background;
        this.recovery = recovery;
        due.setOnFinished(end -> keep());
    }

    /// Another job is open, or the same one in another file.
    void take(JobDocument taken, String under) {
        due.stop();
        document = taken;
        key = under;
        kept = taken.job();
        if (!warm) {
            warm = true;
            thread.execute(() -> Recovery.text(taken));
        }
    }

    /// The open job has changed.
    void edited() {
        if (openJob.latest().get() != kept && due.getStatus() != Animation.Status.RUNNING && !background.closed()) {
            due.playFromStart();
        }
    }

    /// Keeps what is unsaved without waiting.
    ///
    /// @return done once everything that was to be kept until now is on the disk, or was refused by it
    Future<?> flush() {
        due.stop();
        return openJob.unsaved() ? keep() : thread.submit(() -> {});
    }

    private Future<?> keep() {
        kept = openJob.latest().get();
        String under = key;
        waiting.put(under, new Waiting(openJob.unsaved(), document.with(kept)));
        return thread.submit(() -> {
            Waiting newest = waiting.remove(under);
            if (newest != null) {
                write(newest.unsaved(), newest.document(), under);
            }
        });
    }

    private void write(boolean unsaved, JobDocument now, String under) {
        try {
            if (unsaved) {
                recovery.keep(under, now);
            } else {
                recovery.clear(under);
            }
            Platform.runLater(() -> failing = false);
        } catch (IOException failed) {
            Platform.runLater(() -> tell(DiskWords.of(failed)));
        }
    }

    /// Says it once, until it has worked again.
    private void tell(String why) {
        if (!failing) {
            failing = true;
            openJob.tell("Unsaved edits cannot be kept against a crash: %s. Save often until that is mended."
                    .formatted(why));
        }
    }

    /// Keeps what is unsaved and waits until it is.
    @Override
    public void close() {
        flush();
        thread.close();
    }
}
