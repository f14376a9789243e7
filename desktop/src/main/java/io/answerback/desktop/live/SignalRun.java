package io.answerback.desktop.live;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.panel.PanelInput;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.PanelState;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.prove.chain.LinkState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.prove.simulation.Outcome;
import io.answerback.core.prove.simulation.PointSimulation;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.printout.Printout;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;

/// Takes signals along the chain, link by link, to the station and back, and says how far they have come.
/// Blocks; used by one thread that is not the window's.
final class SignalRun {
    private static final String STATION = "practice station";
    private static final int ENGINEER = 1;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(5);

    private final Sender line;
    private final EventTable events;
    private final InstantSource clock;
    private final Duration linkLight;
    private final Screen screen;
    private PanelState panel;

    /// Where it is told how far things have come.
    interface Screen {
        /// A signal has come this far.
        void run(Run run);

        /// The panel remembers this now.
        void panel(PanelState state);

        /// Something is known about the job that no undo takes back.
        void learn(Edit fact);
    }

    SignalRun(
            Sender line, EventTable events, InstantSource clock, Duration linkLight, PanelState panel, Screen screen) {
        this.line = line;
        this.events = events;
        this.clock = clock;
        this.linkLight = linkLight;
        this.panel = panel;
        this.screen = screen;
    }

    /// Puts the panel back to all areas set and everything at rest.
    void reset(Job job) {
        remember(PanelState.allSet(job));
    }

    /// The panel stands like this from now on.
    void follow(OperationState state) {
        remember(new PanelState(state, panel.failed(), panel.bus()));
    }

    /// Whether every area of the job is set.
    boolean allSet(Job job) {
        return panel.setAreas().size() >= job.areas().size();
    }

    /// Sets an area or unsets it; the panel reports that too.
    void setArea(Job job, int area, boolean set) {
        int user = user(job, area);
        PanelInput input = set ? new PanelInput.SetArea(area, user) : new PanelInput.UnsetArea(area, user);
        var step = new PanelReducer(job).stepToTheEnd(panel.calm(), input, clock.instant());
        remember(step.state());
        step.signals().forEach(signal -> line.send(job, signal, "", clockAhead()));
    }

    /// The first user who may work an area.
    private static int user(Job job, int area) {
        return job.setup().users().stream()
                .filter(user -> user.areas().isEmpty() || user.areas().contains(area))
                .mapToInt(PanelProgramming.User::number)
                .findFirst()
                .orElse(ENGINEER);
    }

    private void remember(PanelState state) {
        panel = state;
        screen.panel(state);
    }

    private void pause() {
        waits(linkLight);
    }

    /// A long wait is shortened, so that practice goes on: how long it would really be, the sheet on paths says.
    static void waits(Duration how) {
        try {
            TimeUnit.NANOSECONDS.sleep(Math.min(how.toNanos(), LONGEST_WAIT.toNanos()));
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    /// Makes a point active, or brings it back to rest, and waits for the answers to what it sends.
    void act(Job job, PointResult point, boolean on) {
        Outcome outcome = new PointSimulation(job, events).act(point, on, panel, clock.instant());
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
        Optional<Routing.Destination> destination =
                Routing.of(job, events.group(signal)).stream().findFirst();
        if (destination.isEmpty()) {
            links.add(job.routeReceivers().isEmpty() ? point.chain().of(Link.ROUTE) : nobodyTold());
            show(point, on, links, false);
            return;
        }
        String way = way(destination.get().first());
        links.add(new LinkState(Link.ROUTE, Mark.SOUND, way, "to the practice station, waiting"));
        show(point, on, links, true);
        Sender.Sent sent = line.send(job, signal, point.name(), clockAhead());
        pause();
        links.removeLast();
        if (sent.main().isEmpty()) {
            links.add(new LinkState(
                    Link.ROUTE, Mark.WRONG, "no path", "no path of the communicator leads to a receiver that is told"));
            show(point, on, links, false);
            return;
        }
        links.add(route(sent));
        links.add(answer(sent));
        sent.answer()
                .filter(result -> result.printout().filter(Printout::misleads).isEmpty())
                .ifPresent(result -> keep(point, sent, result));
        show(point, on, links, false);
    }

    private Duration clockAhead() {
        return Duration.ofMillis(panel.operation().aheadMillis());
    }

    private static LinkState nobodyTold() {
        return new LinkState(Link.ROUTE, Mark.SOUND, "nobody", "no receiver is told of this, by choice");
    }

    private static String way(Receiver receiver) {
        return receiver.format().overIp() ? "IP" : receiver.format().words();
    }

    private static String way(ReceiverResult result) {
        return result.receiver().format().overIp()
                ? result.tried().path().kind().words()
                : way(result.receiver());
    }

    /// Of the first destination what was tried; of the others in a word each.
    private static LinkState route(Sender.Sent sent) {
        List<ReceiverResult> tried = sent.main();
        ReceiverResult last = tried.getLast();
        String others =
                sent.runs().stream().skip(1).map(run -> run.getLast().words()).collect(Collectors.joining("; "));
        String behind = others.isEmpty() ? "" : "; " + others;
        if (tried.size() == 1) {
            String tries = last.attempts() == 1 ? "first try" : last.tries();
            Mark mark = last.answered() ? Mark.SOUND : Mark.WRONG;
            return new LinkState(Link.ROUTE, mark, way(last), "to the practice station, " + tries + behind);
        }
        String words = tried.stream().map(ReceiverResult::words).collect(Collectors.joining("; then "));
        Mark mark = last.answered() ? Mark.TIGHT : Mark.WRONG;
        return new LinkState(Link.ROUTE, mark, way(last), words + behind);
    }

    private static LinkState answer(Sender.Sent sent) {
        if (sent.answer().isEmpty()) {
            return new LinkState(
                    Link.STATION, Mark.WRONG, "no answer", sent.main().getLast().problem());
        }
        String what = sent.begins() ? "answered" : "restore answered";
        boolean misread = sent.runs().stream()
                .flatMap(List::stream)
                .flatMap(result -> result.printout().stream())
                .anyMatch(Printout::misleads);
        String time = sent.millis() < 10_000 ? sent.millis() + " ms" : sent.millis() / 1000 + " s";
        return new LinkState(
                Link.STATION, misread ? Mark.TIGHT : Mark.PROVEN, misread ? what + ", misread" : what, "in " + time);
    }

    private void keep(PointResult point, Sender.Sent sent, ReceiverResult result) {
        String name = "point " + point.pointId() + (sent.begins() ? " answered" : ", restore answered");
        screen.learn(new Edit(name, job -> {
            if (sent.begins()) {
                Proof proof = new Proof(
                        point.pointId(),
                        result.at(),
                        sent.millis(),
                        STATION,
                        result.what(),
                        Optional.empty(),
                        point.upstream());
                return Edits.keepProof(proof).on(job);
            }
            return job.proofOf(point.pointId())
                    .map(proof ->
                            Edits.keepProof(proof.withRestoredAt(result.at())).on(job))
                    .orElse(job);
        }));
    }

    private void show(PointResult point, boolean on, List<LinkState> links, boolean travelling) {
        screen.run(new Run(point.pointId(), on, links, travelling));
    }
}
