package io.answerback.desktop.live;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.report.ReportTables;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.secret.StationKeys;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.ObservableList;

/// Tries points: the panel in the model reacts, the real frame goes over a real socket to the practice
/// station, the answer comes back, the proof is kept. Called on the JavaFX thread; works on one of its own,
/// one signal at a time.
public final class PracticeSession implements AutoCloseable {
    private final OpenJob openJob;
    private final InstantSource clock;
    private final Executor window;
    private final Stations stations;
    private final FrameKeys keys;
    private final Sender sender;
    private final SignalRun signals;
    private final ExecutorService worker = oneThread("practice");
    private final ExecutorService panelWorker = oneThread("practice panel");
    private final Roll roll;
    private final ReadOnlyObjectWrapper<Optional<Run>> run = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<PanelState> panel;
    private final ReadOnlyObjectWrapper<StationSettings> settings = new ReadOnlyObjectWrapper<>(StationSettings.USUAL);
    private final ReadOnlyObjectWrapper<Progress> progress = new ReadOnlyObjectWrapper<>(Progress.NONE);
    private volatile boolean stopped;
    private volatile boolean closed;
    private volatile Job listed;

    /// A practice session for the open job, with its station listening on loopback.
    ///
    /// @param port the port the station should listen on; when it is taken, any free one
    /// @param linkLight how long each link lights before the next
    /// @param folder where the station keeps its log
    /// @param stored the keys that stations gave; none while they are locked
    /// @param window does something on the window's thread
    /// @throws IOException when nothing can listen on loopback
    public PracticeSession(
            OpenJob openJob,
            ReportTables tables,
            InstantSource clock,
            int port,
            Duration linkLight,
            Path folder,
            Supplier<StationKeys> stored,
            Executor window)
            throws IOException {
        this.openJob = openJob;
        this.clock = clock;
        this.window = window;
        openJob.state().subscribe(state -> listed = state.job());
        PanelState start = PanelState.allSet(openJob.now().job());
        this.panel = new ReadOnlyObjectWrapper<>(start);
        this.keys = new FrameKeys(stored);
        OwnPorts ports = new OwnPorts();
        this.roll = new Roll(tables.events(), clock, () -> listed, folder, ports, window);
        this.stations = new Stations(tables, clock, () -> listed, keys, roll::received, ports);
        stations.listen(port, StationSettings.USUAL);
        // the practice panel has a time of its own, in which nobody waits here
        this.sender = new Sender(stations, tables, clock, roll::called, keys, wait -> {});
        this.signals = new SignalRun(
                new Sender(stations, tables, clock, roll::called, keys, SignalRun::waits),
                tables.events(),
                clock,
                linkLight,
                start,
                new WindowScreen(this::onWindow, run, panel, openJob::learn));
    }

    private static ExecutorService oneThread(String name) {
        return Executors.newSingleThreadExecutor(Thread.ofVirtual().name(name).factory());
    }

    /// Does something on the window's thread, unless the window has gone by then.
    public Executor window() {
        return this::onWindow;
    }

    /// What frames are encrypted with.
    public FrameKeys keys() {
        return keys;
    }

    /// How the station is set.
    public ReadOnlyObjectProperty<StationSettings> settings() {
        return settings.getReadOnlyProperty();
    }

    /// Sets the station otherwise; it listens again at once. Tells when it cannot.
    public void set(StationSettings other) {
        worker.execute(() -> {
            try {
                stations.listen(0, other);
                window.execute(() -> settings.set(other));
            } catch (IOException refused) {
                onWindow(() -> openJob.tell(refused.getMessage()));
            }
        });
    }

    /// Where the station listens, as host and port; on the site network every address it is reached at.
    public String stationAddress() {
        return stations.where();
    }

    /// What arrived at the station, newest first.
    public ObservableList<RollEntry> roll() {
        return roll.entries();
    }

    /// The signal that travels or travelled last; empty before the first.
    public ReadOnlyObjectProperty<Optional<Run>> run() {
        return run.getReadOnlyProperty();
    }

    /// What the panel remembers.
    public ReadOnlyObjectProperty<PanelState> panel() {
        return panel.getReadOnlyProperty();
    }

    /// How far sending many points has come.
    public ReadOnlyObjectProperty<Progress> progress() {
        return progress.getReadOnlyProperty();
    }

    /// Whether a point is active.
    public boolean active(PointId pointId) {
        return openJob.now().active().contains(pointId);
    }

    /// Makes a point active, or brings it back to rest when it is.
    public void toggle(PointId pointId) {
        begin(pointId, !active(pointId));
    }

    private void begin(PointId pointId, boolean on) {
        Set<PointId> active = new HashSet<>(openJob.now().active());
        if (on) {
            active.add(pointId);
        } else {
            active.remove(pointId);
        }
        openJob.setActive(active);
        Job job = openJob.now().job();
        openJob.now().assessment().point(pointId).ifPresent(point -> worker.execute(() -> signals.act(job, point, on)));
    }

    /// Sets an area of the panel in the model, or unsets it.
    public void setArea(int area, boolean set) {
        Job job = openJob.now().job();
        worker.execute(() -> signals.setArea(job, area, set));
    }

    /// The way a practice panel's signals go; a path that it cuts is cut for everybody.
    public SignalLine line() {
        return new PracticeLine(openJob, panelWorker, worker, this::onWindow, sender, signals, settings::get, other -> {
            settings.set(other);
            set(other);
        });
    }

    /// Puts the panel back to all areas set and everything at rest, as for a job that was just opened.
    public void reset() {
        openJob.setActive(Set.of());
        run.set(Optional.empty());
        Job job = openJob.now().job();
        worker.execute(() -> signals.reset(job));
    }

    /// Tries every point that is not proven: active, then back to rest.
    public void sendAllUnproven() {
        Job job = openJob.now().job();
        List<PointResult> points = openJob.now().assessment().points().stream()
                .filter(point -> point.reported() && !point.proven())
                .toList();
        stopped = false;
        progress.set(new Progress(0, points.size(), true));
        worker.execute(() -> sendAll(job, points));
    }

    /// Stops sending many points after the one that is under way.
    public void stop() {
        stopped = true;
    }

    private void sendAll(Job job, List<PointResult> points) {
        signals.reset(job);
        int done = 0;
        while (done < points.size() && !stopped) {
            sendBothWays(job, points.get(done));
            done++;
            Progress now = new Progress(done, points.size(), true);
            window.execute(() -> progress.set(now));
        }
        Progress last = new Progress(done, points.size(), false);
        window.execute(() -> {
            openJob.setActive(Set.of());
            progress.set(last);
        });
    }

    /// A key switch sends nothing when it is turned back; turning it a second time sets again what it unset.
    private void sendBothWays(Job job, PointResult point) {
        signals.act(job, point, true);
        signals.act(job, point, false);
        if (!signals.allSet(job)) {
            signals.act(job, point, true);
            signals.act(job, point, false);
        }
    }

    /// Does something on the window's thread, unless the window has gone by then.
    private void onWindow(Runnable change) {
        window.execute(() -> {
            if (!closed) {
                change.run();
            }
        });
    }

    /// Stops the station and whatever is under way.
    @Override
    public void close() {
        stopped = true;
        closed = true;
        worker.shutdownNow();
        panelWorker.shutdownNow();
        stations.close();
    }
}
