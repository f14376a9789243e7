package io.answerback.desktop.live;

import io.answerback.chain.LinkState;
import io.answerback.chain.Mark;
import io.answerback.chain.PointResult;
import io.answerback.desktop.desk.Desk;
import io.answerback.edit.Edits;
import io.answerback.event.EventTable;
import io.answerback.event.Signal;
import io.answerback.job.Job;
import io.answerback.job.Link;
import io.answerback.job.Proof;
import io.answerback.panel.PanelInput;
import io.answerback.panel.PanelReducer;
import io.answerback.panel.PanelState;
import io.answerback.report.OperatorsList;
import io.answerback.station.PracticeStation;
import io.answerback.station.Received;
import io.answerback.station.StationLog;
import io.answerback.station.StationRules;
import io.answerback.trial.Outcome;
import io.answerback.trial.Trial;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Tries points: the panel in the model reacts, the real frame goes over a real socket to the practice
/// station, the answer comes back, the proof is kept. Called on the JavaFX thread; works on one of its own,
/// one signal at a time.
public final class Practice implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Practice.class);
    private static final String STATION = "practice station";
    private static final int LONGEST_ROLL = 200;
    private static final int ENGINEER = 1;

    private final Desk desk;
    private final EventTable events;
    private final InstantSource clock;
    private final Duration linkLight;
    private final PracticeStation station;
    private final Line line;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofVirtual().name("practice").factory());
    private final ObservableList<RollEntry> roll = FXCollections.observableArrayList();
    private final ReadOnlyObjectWrapper<Optional<Run>> run = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<PanelState> panel;
    private final ReadOnlyObjectWrapper<Progress> progress = new ReadOnlyObjectWrapper<>(Progress.NONE);
    private volatile PanelState panelNow;
    private volatile boolean stopped;

    /// A practice run for the job on a desk, with its station listening on loopback.
    ///
    /// @param port the port the station should listen on; when it is taken, any free one
    /// @param linkLight how long each link lights before the next
    /// @param folder where the station keeps its log
    /// @throws IOException when nothing can listen on loopback
    public Practice(Desk desk, EventTable events, InstantSource clock, int port, Duration linkLight, Path folder)
            throws IOException {
        this.desk = desk;
        this.events = events;
        this.clock = clock;
        this.linkLight = linkLight;
        this.panelNow = PanelState.allSet(desk.now().job());
        this.panel = new ReadOnlyObjectWrapper<>(panelNow);
        StationLog log = new StationLog(folder.resolve("station.jsonl"));
        this.station = listen(port, received -> note(log, received));
        this.line = new Line(station.address(), clock);
    }

    private PracticeStation listen(int port, java.util.function.Consumer<Received> listener) throws IOException {
        InetAddress loopback = InetAddress.getLoopbackAddress();
        StationRules rules = StationRules.standard()
                .withList(signal -> new OperatorsList(desk.now().job()).problems(signal));
        try {
            return PracticeStation.listen(loopback, port, rules, clock, listener);
        } catch (IOException taken) {
            return PracticeStation.listen(loopback, 0, rules, clock, listener);
        }
    }

    private void note(StationLog log, Received received) {
        try {
            log.add(received);
        } catch (IOException failed) {
            LOG.warn("The station's log cannot be written: {}", failed.getMessage());
        }
        Platform.runLater(() -> {
            roll.addFirst(new RollEntry(received, operatorLine(received)));
            if (roll.size() > LONGEST_ROLL) {
                roll.removeLast();
            }
        });
    }

    private String operatorLine(Received received) {
        return received.signal()
                .map(signal -> new OperatorsList(desk.now().job()).line(signal, events.words(signal.event())))
                .orElse(received.what().equals("NULL") ? "path test" : received.what());
    }

    /// Where the station listens, as host and port.
    public String stationAddress() {
        return station.address().getAddress().getHostAddress() + ":"
                + station.address().getPort();
    }

    /// What arrived at the station, newest first.
    public ObservableList<RollEntry> roll() {
        return roll;
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

    /// Whether a point is active now.
    public boolean active(String pointId) {
        return desk.now().active().contains(pointId);
    }

    /// Makes a point active, or brings it back to rest when it is.
    public void toggle(String pointId) {
        begin(pointId, !active(pointId));
    }

    private void begin(String pointId, boolean on) {
        Set<String> active = new HashSet<>(desk.now().active());
        if (on) {
            active.add(pointId);
        } else {
            active.remove(pointId);
        }
        desk.setActive(active);
        Job job = desk.now().job();
        desk.now().assessment().point(pointId).ifPresent(point -> worker.execute(() -> act(job, point, on)));
    }

    /// Sets an area of the panel in the model, or unsets it.
    public void setArea(int area, boolean set) {
        Job job = desk.now().job();
        PanelInput input = set ? new PanelInput.SetArea(area, ENGINEER) : new PanelInput.UnsetArea(area, ENGINEER);
        worker.execute(() -> {
            var step = new PanelReducer(job).step(panelNow, input, clock.instant());
            remember(step.state());
            step.signals().forEach(signal -> line.send(job, signal));
        });
    }

    /// Puts the panel back to all areas set and everything at rest, as for a job just put on the desk.
    public void reset() {
        desk.setActive(Set.of());
        run.set(Optional.empty());
        Job job = desk.now().job();
        worker.execute(() -> remember(PanelState.allSet(job)));
    }

    /// Tries every point that is not proven: active, then back to rest.
    public void sendAllUnproven() {
        Job job = desk.now().job();
        List<PointResult> points = desk.now().assessment().points().stream()
                .filter(point -> !point.proven())
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
        remember(PanelState.allSet(job));
        int done = 0;
        for (PointResult point : points) {
            if (stopped) {
                break;
            }
            act(job, point, true);
            act(job, point, false);
            if (panelNow.setAreas().size() < job.areas().size()) {
                act(job, point, true);
                act(job, point, false);
            }
            int tried = ++done;
            onScreen(() -> progress.set(new Progress(tried, points.size(), true)));
        }
        int tried = done;
        onScreen(() -> {
            desk.setActive(Set.of());
            progress.set(new Progress(tried, points.size(), false));
        });
    }

    private void act(Job job, PointResult point, boolean on) {
        Outcome outcome = new Trial(job, events).act(point, on, panelNow, clock.instant());
        remember(outcome.panel());
        light(point, on, outcome);
        if (outcome.signals().isEmpty()) {
            boolean quiet = !on && outcome.stoppedAt().isPresent();
            show(point, on, quiet ? outcome.links() : ended(outcome), false);
            return;
        }
        for (Signal signal : outcome.signals()) {
            transmit(job, point, on, outcome, signal);
        }
    }

    private void light(PointResult point, boolean on, Outcome outcome) {
        for (int reached = 1; reached <= outcome.links().size(); reached++) {
            show(point, on, outcome.links().subList(0, reached), true);
            pause();
        }
    }

    private static List<LinkState> ended(Outcome outcome) {
        List<LinkState> links = new ArrayList<>(outcome.links());
        LinkState last = links.removeLast();
        links.add(new LinkState(last.link(), Mark.WRONG, last.figure(), outcome.why()));
        return links;
    }

    private void transmit(Job job, PointResult point, boolean on, Outcome outcome, Signal signal) {
        List<LinkState> links = new ArrayList<>(outcome.links());
        if (job.routeReceivers().isEmpty()) {
            links.add(point.chain().of(Link.ROUTE));
            show(point, on, links, false);
            return;
        }
        links.add(new LinkState(Link.ROUTE, Mark.SOUND, "IP", "to the practice station, waiting"));
        show(point, on, links, true);
        Line.Sent sent = line.send(job, signal);
        pause();
        links.removeLast();
        String tries =
                sent.delivery().attempts() == 1 ? "first try" : sent.delivery().attempts() + " tries";
        Mark mark = sent.delivery().acknowledged() ? Mark.SOUND : Mark.WRONG;
        links.add(new LinkState(Link.ROUTE, mark, "IP", "to the practice station, " + tries));
        links.add(answer(sent));
        if (sent.delivery().acknowledged()) {
            keep(point, sent);
        }
        show(point, on, links, false);
    }

    private static LinkState answer(Line.Sent sent) {
        if (sent.delivery().acknowledged()) {
            String what = sent.begins() ? "answered" : "restore answered";
            return new LinkState(
                    Link.STATION, Mark.PROVEN, what, "in " + sent.delivery().millis() + " ms");
        }
        return new LinkState(
                Link.STATION, Mark.WRONG, "no answer", sent.delivery().problem());
    }

    private void keep(PointResult point, Line.Sent sent) {
        onScreen(() -> desk.learn(job -> {
            if (sent.begins()) {
                Proof proof = new Proof(
                        point.pointId(),
                        sent.delivery().at(),
                        sent.delivery().millis(),
                        STATION,
                        sent.frame(),
                        Optional.empty(),
                        point.upstream());
                return Edits.keepProof(proof).on(job);
            }
            return job.proofOf(point.pointId())
                    .map(proof -> Edits.keepProof(
                                    proof.withRestoredAt(sent.delivery().at()))
                            .on(job))
                    .orElse(job);
        }));
    }

    private void show(PointResult point, boolean on, List<LinkState> links, boolean travelling) {
        Run next = new Run(point.pointId(), on, links, travelling);
        onScreen(() -> run.set(Optional.of(next)));
    }

    private void remember(PanelState state) {
        panelNow = state;
        onScreen(() -> panel.set(state));
    }

    private static void onScreen(Runnable change) {
        Platform.runLater(change);
    }

    private void pause() {
        try {
            TimeUnit.NANOSECONDS.sleep(linkLight.toNanos());
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    /// Stops the station and whatever is under way.
    @Override
    public void close() {
        stopped = true;
        worker.shutdownNow();
        station.close();
    }
}
