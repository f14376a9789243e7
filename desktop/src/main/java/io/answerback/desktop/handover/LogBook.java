package io.answerback.desktop.handover;

import io.answerback.core.service.Visit;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.record.JobLog;
import io.answerback.files.record.JobLog.Entry;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What is done to the open job, as it is added to the log beside its file. What was done before there was a file waits
/// until there is one. Used on the JavaFX thread; files are written off it.
public final class LogBook {
    private final OpenJob openJob;
    private final InstantSource clock;
    private final Background background;
    private final List<Entry> entries = new ArrayList<>();
    private final List<Entry> waiting = new ArrayList<>();
    private Optional<Path> of = Optional.empty();
    private Optional<String> broken = Optional.empty();

    /// A log of everything that is done from now on.
    public LogBook(OpenJob openJob, InstantSource clock, Background background) {
        this.openJob = openJob;
        this.clock = clock;
        this.background = background;
        openJob.toLog(this::done);
    }

    private void done(String what) {
        another();
        Entry entry = new Entry(
                clock.instant(),
                openJob.latest().get().service().now().map(Visit::by).orElse(""),
                what);
        entries.add(entry);
        waiting.add(entry);
        openJob.now().file().ifPresent(this::write);
    }

    private void write(Path file) {
        List<Entry> now = List.copyOf(waiting);
        waiting.clear();
        background.run(
                () -> {
                    JobLog.beside(file).add(now);
                    return file;
                },
                written -> {});
    }

    /// Another job is open: its log is another.
    private void another() {
        Optional<Path> file = openJob.now().file();
        if (!file.equals(of)) {
            boolean saved = of.isEmpty() && file.isPresent() && !waiting.isEmpty();
            of = file;
            if (!saved) {
                entries.clear();
                waiting.clear();
                broken = Optional.empty();
            }
        }
    }

    /// Reads the log of the open job from its file.
    ///
    /// @param then called when it is there
    void read(Runnable then) {
        another();
        of.ifPresent(file -> {
            if (!waiting.isEmpty()) {
                write(file);
            }
            background.run(() -> JobLog.beside(file).read(), read -> {
                entries.clear();
                entries.addAll(read.entries());
                broken = read.broken();
                then.run();
            });
        });
    }

    /// Everything that was done, the latest first.
    List<Entry> entries() {
        another();
        return entries.reversed().stream().toList();
    }

    /// Where the log was changed by hand; empty where it is whole.
    Optional<String> broken() {
        return broken;
    }

    /// What was done since a moment, each once, in its order.
    List<String> since(Instant begin) {
        return entries.stream()
                .filter(entry -> !entry.at().isBefore(begin))
                .map(Entry::what)
                .filter(what -> !what.startsWith("visit ") && !what.startsWith("Undone"))
                .distinct()
                .toList();
    }
}
