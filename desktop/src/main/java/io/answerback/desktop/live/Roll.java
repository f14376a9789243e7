package io.answerback.desktop.live;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.OperatorsList;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.printout.PrintedLine;
import io.answerback.core.signal.printout.Printout;
import io.answerback.station.Received;
import io.answerback.station.StationLog;
import java.io.IOException;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// What arrived at the stations, newest first, as the operator reads it; kept in the station's log as well.
final class Roll {
    private static final Logger LOG = LoggerFactory.getLogger(Roll.class);
    private static final int LONGEST = 200;

    private final EventTable events;
    private final InstantSource clock;
    private final Supplier<Job> job;
    private final StationLog log;
    private final Executor window;
    private final OwnPorts ports;
    private final Queue<RollEntry> waiting = new ConcurrentLinkedQueue<>();
    private final AtomicBoolean called = new AtomicBoolean();
    private final ObservableList<RollEntry> entries = FXCollections.observableArrayList();

    /// @param job whose words and whose list the operator has
    /// @param folder where the log is kept
    /// @param ports from which this application sends itself
    /// @param window does something on the window's thread
    Roll(EventTable events, InstantSource clock, Supplier<Job> job, Path folder, OwnPorts ports, Executor window) {
        this.ports = ports;
        this.window = window;
        this.events = events;
        this.clock = clock;
        this.job = job;
        this.log = new StationLog(folder.resolve("station.jsonl"));
    }

    ObservableList<RollEntry> entries() {
        return entries;
    }

    /// Something arrived at the practice station.
    void received(Received received) {
        try {
            log.add(received);
        } catch (IOException failed) {
            LOG.warn("The station's log cannot be written: {}", failed.getMessage());
        }
        add(new RollEntry(received, line(received), ports.outside(received)));
    }

    /// A receiver on a line heard a call.
    void called(ReceiverResult result) {
        String printed = result.printout().map(Printout::lines).orElse(List.of()).stream()
                .map(PrintedLine::text)
                .collect(Collectors.joining(" / "));
        List<String> problems = result.printout().stream()
                .flatMap(its -> its.problems().stream())
                .map(Printout.Problem::says)
                .toList();
        Received received = Received.called(clock.instant(), result.what(), result.answered(), problems);
        add(new RollEntry(received, result.receiver().name() + ": " + printed, false));
    }

    private void add(RollEntry entry) {
        waiting.add(entry);
        if (called.compareAndSet(false, true)) {
            window.execute(this::show);
        }
    }

    /// Shows everything that waits at once, so that a communicator that floods does not keep the window busy.
    private void show() {
        called.set(false);
        for (RollEntry entry = waiting.poll(); entry != null; entry = waiting.poll()) {
            entries.addFirst(entry);
            if (entries.size() > LONGEST) {
                entries.removeLast();
            }
        }
    }

    private String line(Received received) {
        Job now = job.get();
        return received.signal()
                .map(signal -> new OperatorsList(now, events.in(Terms.of(now.practice()))).line(signal))
                .orElse(received.what().equals("NULL") ? "path test" : received.what());
    }
}
