package io.answerback.desktop.handover;

import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WorkLog;
import io.answerback.files.record.JobLog;
import io.answerback.files.record.JobLog.Entry;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/// What is done to the open job, as it is added to the log beside its file. What was done before there was a file
/// waits until there is one. Used on the JavaFX thread; files are read and written off it.
public final class LogBook implements WorkLog {
    private final OpenJob openJob;
    private final InstantSource clock;
    private final Background background;
    private final List<Entry> entries = new ArrayList<>();
    private final List<Entry> waiting = new ArrayList<>();
    /// What was done while the log was being read.
    private final List<Entry> meanwhile = new ArrayList<>();

    private final Engineer engineer;
    private Optional<String> broken = Optional.empty();
    private boolean read;

    /// A log of everything that is done from now on.
    ///
    /// @param engineer in whose name it is kept
    public LogBook(OpenJob openJob, InstantSource clock, Background background, Engineer engineer) {
        this.engineer = engineer;
        this.openJob = openJob;
        this.clock = clock;
        this.background = background;
        openJob.logsTo(this);
    }

    @Override
    public void done(String what) {
        Entry entry = new Entry(clock.instant(), engineer.name(openJob), what);
        entries.add(entry);
        meanwhile.add(entry);
        waiting.add(entry);
        saved();
    }

    @Override
    public void another() {
        entries.clear();
        meanwhile.clear();
        waiting.clear();
        broken = Optional.empty();
        read = false;
    }

    /// What waits is written where there is a file. What cannot be written goes on waiting.
    @Override
    public void saved() {
        Optional<Path> file = openJob.now().file();
        if (file.isEmpty() || waiting.isEmpty()) {
            return;
        }
        List<Entry> now = List.copyOf(waiting);
        waiting.clear();
        background.run(
                () -> {
                    JobLog.beside(file.get()).add(now);
                    return now;
                },
                written -> {},
                wrong -> {
                    waiting.addAll(0, now);
                    openJob.tell("The log beside the job cannot be written: " + wrong);
                });
    }

    /// Reads the log beside the file of the open job, unless that was done already.
    ///
    /// @param then called when it is there
    void readOnce(Runnable then) {
        if (!read) {
            read(then);
        }
    }

    /// Reads the log beside the file of the open job; without a file there is none to read.
    ///
    /// @param then called when it is there
    void read(Runnable then) {
        read = true;
        Optional<Path> file = openJob.now().file();
        if (file.isEmpty()) {
            return;
        }
        saved();
        meanwhile.clear();
        background.run(() -> JobLog.beside(file.get()).read(), found -> {
            if (openJob.now().file().equals(file)) {
                entries.clear();
                entries.addAll(found.entries());
                entries.addAll(meanwhile);
                broken = found.broken();
                then.run();
            }
        });
    }

    /// Everything that was done, the latest first.
    List<Entry> entries() {
        return List.copyOf(entries.reversed());
    }

    /// Where the log was changed by hand; empty where it is whole.
    Optional<String> broken() {
        return broken;
    }

    /// What was done since a moment, each once, in its order; also what was done before the job was opened again.
    ///
    /// @param then told of it
    void since(Instant begin, Consumer<List<String>> then) {
        if (openJob.now().file().isEmpty()) {
            then.accept(since(begin));
        } else {
            read(() -> then.accept(since(begin)));
        }
    }

    private List<String> since(Instant begin) {
        return entries.stream()
                .filter(entry -> !entry.at().isBefore(begin))
                .map(Entry::what)
                .filter(what -> !what.startsWith("visit ") && !what.startsWith("Undone"))
                .distinct()
                .toList();
    }
}
