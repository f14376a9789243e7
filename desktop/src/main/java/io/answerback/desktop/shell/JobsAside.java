package io.answerback.desktop.shell;

import io.answerback.desktop.work.WindowState;
import io.answerback.files.JobDocument;
import io.answerback.files.LogLine;
import io.answerback.files.folder.OpenFiles;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The jobs that were open in a window before another one was, each with all that can be undone in it. Used
/// on the JavaFX thread only.
public final class JobsAside {
    private static final int MOST = 8;

    private final List<Aside> jobs = new ArrayList<>();

    /// A job that was laid aside.
    ///
    /// @param document the job as its file was last read or written
    /// @param key what its unsaved edits are kept under
    /// @param hold the hold on its file; empty without one
    /// @param state all that the window showed of it
    /// @param log what was done to it and is not in its log
    public record Aside(
            JobDocument document, String key, Optional<OpenFiles.Hold> hold, WindowState state, List<LogLine> log) {
        /// What it is called where somebody chooses it.
        public String name() {
            return state.job().site().name() + (state.unsaved() ? ", not saved" : "");
        }
    }

    /// Lays a job aside. When there are too many, the one that was laid aside first is let go of; its unsaved
    /// edits are kept against a crash like any others, and come back when it is opened again.
    void lay(Aside job) {
        take(job.key());
        jobs.addFirst(job);
        while (jobs.size() > MOST) {
            jobs.removeLast().hold().ifPresent(OpenFiles.Hold::close);
        }
    }

    /// A job that was laid aside while it was being written is in its file now.
    ///
    /// @param logged what was done until then, which is in its log now
    void wrote(String key, Path file, JobDocument document, List<LogLine> logged) {
        jobs.replaceAll(job -> job.key().equals(key)
                ? new Aside(
                        document,
                        key,
                        job.hold(),
                        job.state().savedTo(file, document.job()),
                        job.log().stream()
                                .filter(line -> logged.stream().noneMatch(other -> other == line))
                                .toList())
                : job);
    }

    /// Takes a job back out; empty where none has this key.
    Optional<Aside> take(String key) {
        Optional<Aside> found =
                jobs.stream().filter(job -> job.key().equals(key)).findFirst();
        found.ifPresent(jobs::remove);
        return found;
    }

    /// The jobs, the last that was laid aside first.
    public List<Aside> all() {
        return List.copyOf(jobs);
    }

    /// Lets go of all of them.
    void close() {
        jobs.forEach(job -> job.hold().ifPresent(OpenFiles.Hold::close));
        jobs.clear();
    }
}
