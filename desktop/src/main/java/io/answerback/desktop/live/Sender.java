package io.answerback.desktop.live;

import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.Outgoing;
import io.answerback.core.report.ReportTables;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.report.routing.Try;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.printout.Printer;
import io.answerback.core.signal.printout.Printout;
import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Listening;
import io.answerback.core.signal.sound.Recording;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.station.Delivery;
import io.answerback.station.Destination;
import io.answerback.station.Transmitter;
import java.net.InetSocketAddress;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;

/// What carries events out of the building: numbers them, sends them as the job's routing says, receiver after
/// receiver, and waits for the answers. Frames go to the practice station whatever addresses the job names;
/// calls are played and heard on a line in the model. Blocks; use it off the interface's thread.
public final class Sender {
    private static final int LAST_SEQUENCE = 9999;
    private static final LineQuality USUAL_LINE = new LineQuality(-12, 30, 1, 0.2);

    private final Ways stations;
    private final ReportTables tables;
    private final InstantSource clock;
    private final Consumer<ReceiverResult> called;
    private final FrameKeys keys;
    private final Consumer<Duration> waiting;
    private final AtomicInteger sequence = new AtomicInteger();

    /// Sends to practice stations.
    ///
    /// @param stations where frames for a receiver go, and which paths are cut
    /// @param called told of each call that was heard on a line
    /// @param keys what frames to a receiver that takes encrypted ones are encrypted with
    /// @param waiting waits before a path is used for the first time
    public Sender(
            Ways stations,
            ReportTables tables,
            InstantSource clock,
            Consumer<ReceiverResult> called,
            FrameKeys keys,
            Consumer<Duration> waiting) {
        this.keys = keys;
        this.waiting = waiting;
        this.stations = stations;
        this.tables = tables;
        this.clock = clock;
        this.called = called;
    }

    /// What the model has in place of the paths out of the building.
    public interface Ways {
        /// Where frames of a try go.
        InetSocketAddress of(Try one);

        /// Whether a path is cut.
        boolean cut(PathKind kind);

        /// Sends a frame with all attempts of the path, over a real socket.
        default Delivery deliver(Try one, Destination to, IpFrame frame, InstantSource clock) {
            Duration timeout = Duration.ofMillis(one.path().timeoutMillis());
            return new Transmitter(one.path().attempts(), timeout, clock).send(to, frame);
        }
    }

    /// A signal that was sent and how it went.
    ///
    /// @param signal what happened
    /// @param runs for each destination that a path leads to, the receivers that were tried, in order; none when
    ///     nobody is told of it
    public record Sent(Signal signal, List<List<ReceiverResult>> runs) {
        /// Whether this was the beginning of an event, not its end.
        public boolean begins() {
            return signal.qualifier() == Qualifier.NEW;
        }

        /// The receivers that were tried for the first destination.
        public List<ReceiverResult> main() {
            return runs.isEmpty() ? List.of() : runs.getFirst();
        }

        /// The receiver that acknowledged for the first destination; empty when none did.
        public Optional<ReceiverResult> answer() {
            return main().stream().filter(ReceiverResult::answered).findFirst();
        }

        /// How long it took for the first destination, over all receivers that were tried, in milliseconds.
        public long millis() {
            return main().stream().mapToLong(ReceiverResult::millis).sum();
        }
    }

    /// Sends one signal as the job's routing says.
    ///
    /// @param name the name of what sends it, for a format that carries it
    public Sent send(Job job, Signal signal, String name) {
        return send(job, signal, name, Duration.ZERO, first -> {});
    }

    /// Sends one signal as the job's routing says.
    ///
    /// @param name the name of what sends it, for a format that carries it
    /// @param ahead how far the clock that stamps the frames runs ahead of the right time
    public Sent send(Job job, Signal signal, String name, Duration ahead) {
        return send(job, signal, name, ahead, first -> {});
    }

    /// Sends one signal as the job's routing says.
    ///
    /// @param ahead how far the clock that stamps the frames runs ahead of the right time
    /// @param first told of the first destination before the others are tried
    Sent send(Job job, Signal signal, String name, Duration ahead, Consumer<Sent> first) {
        int number = sequence.updateAndGet(last -> last % LAST_SEQUENCE + 1);
        List<List<ReceiverResult>> runs = new ArrayList<>();
        for (Routing.Destination destination : Routing.of(job, tables.events().group(signal))) {
            List<Try> tries = Try.of(job.communicator(), destination.receivers());
            if (!tries.isEmpty()) {
                runs.add(run(
                        tries, new Report(signal, number, name, clock.instant().plus(ahead))));
                if (runs.size() == 1) {
                    first.accept(new Sent(signal, List.copyOf(runs)));
                }
            }
        }
        return new Sent(signal, runs);
    }

    /// A signal as the communicator reports it.
    ///
    /// @param stamped the time that frames carry
    private record Report(Signal signal, int number, String name, Instant stamped) {}

    /// One receiver after another over one path after another, until one answers. A path is waited for once;
    /// without a network to register with, nothing is tried over it.
    private List<ReceiverResult> run(List<Try> tries, Report report) {
        List<ReceiverResult> tried = new ArrayList<>();
        Set<PathKind> used = EnumSet.noneOf(PathKind.class);
        Set<PathKind> withoutNetwork = EnumSet.noneOf(PathKind.class);
        for (Try one : tries) {
            TransmissionPath path = one.path();
            if (withoutNetwork.contains(path.kind())) {
                continue;
            }
            if (used.add(path.kind())) {
                waiting.accept(Duration.ofMillis(path.holdOffMillis() + (long) path.registrationMillis()));
                if (path.registrationMillis() > 0 && stations.cut(path.kind())) {
                    withoutNetwork.add(path.kind());
                    tried.add(unsent(one, "no network"));
                    continue;
                }
            }
            tried.add(result(one, report));
            if (tried.getLast().answered()) {
                break;
            }
        }
        return tried;
    }

    private ReceiverResult unsent(Try one, String why) {
        return new ReceiverResult(one, "", false, clock.instant(), 0, 0, why, Optional.empty());
    }

    private ReceiverResult result(Try one, Report report) {
        Signal signal = report.signal();
        try {
            Outgoing out =
                    Outgoing.of(one.receiver(), signal, report.number(), report.name(), report.stamped(), tables);
            return switch (out) {
                case Outgoing.Frame frame -> overIp(one, frame.frame());
                case Outgoing.Tones tones -> overLine(one, signal, out, tones.digits());
                case Outgoing.Blocks blocks ->
                    overLine(one, signal, out, blocks.report().text());
                case Outgoing.Pulses pulses ->
                    overLine(one, signal, out, pulses.report().text());
            };
        } catch (IllegalArgumentException cannot) {
            return unsent(one, cannot.getMessage());
        }
    }

    private ReceiverResult overIp(Try one, IpFrame frame) {
        Receiver receiver = one.receiver();
        InetSocketAddress station = stations.of(one);
        Destination to = new Destination(
                station.getHostString(),
                station.getPort(),
                receiver.reception().transport(),
                keys.of(receiver, frame.account()));
        Delivery delivery = stations.deliver(one, to, frame, clock);
        return new ReceiverResult(
                one,
                IpFrames.encode(frame).strip(),
                delivery.acknowledged(),
                delivery.at(),
                delivery.millis(),
                delivery.attempts(),
                delivery.problem(),
                Optional.empty());
    }

    /// The call as it would sound, heard by a receiver in the model: what it cannot read it does not acknowledge.
    private ReceiverResult overLine(Try one, Signal signal, Outgoing out, String what) {
        Receiver receiver = one.receiver();
        if (stations.cut(PathKind.LINE)) {
            return new ReceiverResult(
                    one,
                    what,
                    false,
                    clock.instant(),
                    one.path().attempts() * (long) one.path().timeoutMillis(),
                    one.path().attempts(),
                    "there is no dial tone",
                    Optional.empty());
        }
        Call call = Outgoing.call(out, receiver);
        Recording heard = Listening.to(Synthesis.of(call, USUAL_LINE, new Random(0)), receiver.format());
        boolean read = heard.reports().equals(List.of(what));
        Printout printout = new Printer(receiver.reception(), tables.events(), tables.letters()).of(signal);
        ReceiverResult result = new ReceiverResult(
                one,
                what,
                read,
                clock.instant(),
                Math.round(call.seconds() * 1000),
                1,
                read ? "" : "the receiver heard " + heard.reports() + heard.problems(),
                Optional.of(printout));
        called.accept(result);
        return result;
    }
}
