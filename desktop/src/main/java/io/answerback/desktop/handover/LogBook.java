package io.answerback.desktop.handover;

import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WorkLog;
import io.answerback.files.LogLine;
import io.answerback.files.record.JobLog;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/// What is done to the open job. It goes into the log beside the job's file when the job itself does: a log
/// is never ahead of its job. Used on the JavaFX thread; the file is read off it.
public final class LogBook implements WorkLog {
    private final OpenJob openJob;
    private final InstantSource clock;
    private final Background background;
    private final Engineer engineer;
    private final List<LogLine> inLog = new ArrayList<>();
    private final List<LogLine> waiting = new ArrayList<>();
    /// What went into the log while it was being read.
    private final List<LogLine> meanwhile = new ArrayList<>();

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
        waiting.add(new LogLine(clock.instant(), engineer.name(openJob), what));
    }

    @Override
    public void another(List<LogLine> before) {
        inLog.clear();
        meanwhile.clear();
        waiting.clear();
        waiting.addAll(before);
        broken = Optional.empty();
        read = false;
    }

    @Override
    public List<LogLine> waiting() {
        return List.copyOf(waiting);
    }

    /// Two lines may say the same; those that were written are meant.
    @Override
    public void written(List<LogLine> lines) {
        Set<LogLine> these = Collections.newSetFromMap(new IdentityHashMap<>());
        these.addAll(lines);
        if (waiting.removeIf(these::contains)) {
            inLog.addAll(lines);
            meanwhile.addAll(lines);
        }
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
        meanwhile.clear();
        background.run(() -> JobLog.beside(file.get()).read(), found -> {
            if (openJob.now().file().equals(file)) {
                inLog.clear();
                inLog.addAll(found.lines());
                meanwhile.stream().filter(line -> !found.lines().contains(line)).forEach(inLog::add);
                broken = found.broken();
                then.run();
            }
        });
    }

    private List<LogLine> all() {
        return Stream.concat(inLog.stream(), waiting.stream()).toList();
    }

    /// Everything that was done, the latest first.
    List<LogLine> entries() {
        return all().reversed();
    }

    /// Where the log was changed by hand; empty where it is whole.
    Optional<String> broken() {
        return broken;
    }

    /// What was done since a moment, each once, in its order; also what was done before the job was opened
    /// again.
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
        return all().stream()
                .filter(entry -> !entry.at().isBefore(begin))
                .map(LogLine::what)
                .filter(what -> !what.startsWith("visit ") && !what.startsWith("Undone"))
                .distinct()
                .toList();
    }
}
