package io.answerback.desktop.shell;

import io.answerback.core.model.site.Job;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.DiskWords;
import io.answerback.files.JobDocument;
import io.answerback.files.LogLine;
import io.answerback.files.Recovery;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Keeps unsaved edits against a crash: a quarter of a second after the first edit that is not kept, however
/// fast others follow. While the disk is slower than that, only the newest state waits for it. By a clock and
/// on a thread of its own, so that neither the window nor anything else that is read, written or computed
/// holds it up.
final class Autosave implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Autosave.class);

    /// What is said of a log that cannot be written, before why.
    static final String NOT_LOGGED = "The log beside the job cannot be written: ";

    private static final Duration AFTER = Duration.ofMillis(250);

    private final OpenJob openJob;
    private final Background background;
    private final Recovery recovery;
    private final LogWriter logs;
    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("autosave").factory());
    private final AtomicBoolean due = new AtomicBoolean();
    private final Map<String, Waiting> waiting = new ConcurrentHashMap<>();
    private JobDocument document;
    private String key = "";
    private Job kept;
    private boolean failing;
    private boolean warm;

    /// What waits to be written for a job.
    ///
    /// @param saved the job as its file has it
    /// @param file the job's own file; empty where it has none that may be written
    private record Waiting(JobDocument document, Job saved, List<LogLine> log, Optional<Path> file) {
        boolean unsaved() {
            return !document.job().equals(saved);
        }
    }

    Autosave(OpenJob openJob, Background background, Recovery recovery, LogWriter logs) {
        this.logs = logs;
        this.openJob = openJob;
        this.background = background;
        this.recovery = recovery;
    }

    /// Another job is open, or the same one in another file.
    void take(JobDocument taken, String under) {
        waiting.remove(under);
        document = taken;
        key = under;
        kept = taken.job();
        if (!warm) {
            warm = true;
            thread.execute(() -> Recovery.text(taken, List.of()));
        }
    }

    /// The open job has changed.
    void edited() {
        if (openJob.latest().get() == kept || background.closed()) {
            return;
        }
        put();
        if (due.compareAndSet(false, true)) {
            thread.schedule(this::writeAll, AFTER.toMillis(), TimeUnit.MILLISECONDS);
        }
    }

    /// Keeps what is unsaved without waiting.
    ///
    /// @return done once everything that was to be kept until now is on the disk, or was refused by it
    Future<?> flush() {
        if (openJob.unsaved() || !openJob.log().waiting().isEmpty()) {
            put();
        }
        return thread.submit(this::writeAll);
    }

    private void put() {
        kept = openJob.latest().get();
        Optional<Path> own = openJob.now().readOnly().isEmpty() ? openJob.now().file() : Optional.empty();
        waiting.put(
                key,
                new Waiting(
                        document.with(kept),
                        openJob.now().saved(),
                        openJob.log().waiting(),
                        own));
    }

    private void writeAll() {
        due.set(false);
        for (String under : waiting.keySet()) {
            Waiting newest = waiting.remove(under);
            if (newest != null) {
                write(newest, under);
            }
        }
    }

    /// What was done goes into the log once the job's file says the same; until then it is kept with what is
    /// unsaved.
    private void write(Waiting now, String under) {
        try {
            if (now.unsaved() || !logged(now)) {
                recovery.keep(under, now.document(), now.log());
            } else {
                recovery.clear(under);
            }
            Platform.runLater(() -> failing = false);
        } catch (IOException failed) {
            Platform.runLater(() -> tell(DiskWords.of(failed)));
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError failed) {
            LOG.error("Keeping unsaved edits", failed);
            Platform.runLater(() -> tell(
                    failed instanceof OutOfMemoryError
                            ? "there is not enough memory"
                            : "that failed inside Answerback"));
        }
    }

    /// @return whether nothing is left that was done and is in no log
    private boolean logged(Waiting now) {
        if (now.file().isEmpty() || now.log().isEmpty()) {
            return true;
        }
        try {
            logs.add(now.file().get(), now.log());
            Platform.runLater(() -> openJob.log().written(now.log()));
            return true;
        } catch (IOException failed) {
            Platform.runLater(() -> openJob.tell(NOT_LOGGED + DiskWords.of(failed)));
            return false;
        }
    }

    /// Says it once, until it has worked again.
    private void tell(String why) {
        if (!failing) {
            failing = true;
            openJob.tell(
                    "Unsaved edits cannot be kept against a crash: %s. Save often until that is fixed.".formatted(why));
        }
    }

    /// Keeps what is unsaved and waits until it is.
    @Override
    public void close() {
        flush();
        thread.close();
    }
}
