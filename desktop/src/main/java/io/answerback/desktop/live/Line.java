package io.answerback.desktop.live;

import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.format.IpFrame;
import io.answerback.core.format.IpFrames;
import io.answerback.core.printout.Printer;
import io.answerback.core.printout.Printout;
import io.answerback.core.report.Outgoing;
import io.answerback.core.report.Routing;
import io.answerback.core.site.IpRoute;
import io.answerback.core.site.Job;
import io.answerback.core.site.Receiver;
import io.answerback.core.sound.Call;
import io.answerback.core.sound.LineQuality;
import io.answerback.core.sound.Listening;
import io.answerback.core.sound.Recording;
import io.answerback.core.sound.Synthesis;
import io.answerback.station.Delivery;
import io.answerback.station.Destination;
import io.answerback.station.Transmitter;
import java.net.InetSocketAddress;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Function;

/// What carries events out of the building: numbers them, sends them as the job's routing says, receiver after
/// receiver, and waits for the answers. Frames go to the practice station whatever addresses the job names;
/// calls are played and heard on a line in the model. Blocks; use it off the interface's thread.
public final class Line {
    private static final int LAST_SEQUENCE = 9999;
    private static final LineQuality USUAL_LINE = new LineQuality(-12, 30, 1, 0.2);

    private final Function<Receiver, InetSocketAddress> stations;
    private final Outgoing.Tables tables;
    private final InstantSource clock;
    private final Consumer<Leg> called;
    private final PracticeKeys keys;
    private final AtomicInteger sequence = new AtomicInteger();

    /// A line to practice stations.
    ///
    /// @param stations where frames for a receiver go
    /// @param called told of each call that was heard on a line
    /// @param keys what frames to a receiver that takes encrypted ones are encrypted with
    Line(
            Function<Receiver, InetSocketAddress> stations,
            Outgoing.Tables tables,
            InstantSource clock,
            Consumer<Leg> called,
            PracticeKeys keys) {
        this.keys = keys;
        this.stations = stations;
        this.tables = tables;
        this.clock = clock;
        this.called = called;
    }

    /// A signal that was sent and how it went.
    ///
    /// @param signal what happened
    /// @param runs for each destination the receivers that were tried, in order; none when nobody is told of it
    record Sent(Signal signal, List<List<Leg>> runs) {
        /// Whether this was the beginning of an event, not its end.
        boolean begins() {
            return signal.qualifier() == Qualifier.NEW;
        }

        /// The receivers that were tried for the first destination.
        List<Leg> main() {
            return runs.isEmpty() ? List.of() : runs.getFirst();
        }

        /// The receiver that acknowledged for the first destination; empty when none did.
        Optional<Leg> answer() {
            return main().stream().filter(Leg::answered).findFirst();
        }

        /// How long it took for the first destination, over all receivers that were tried, in milliseconds.
        long millis() {
            return main().stream().mapToLong(Leg::millis).sum();
        }
    }

    /// Sends one signal as the job's routing says.
    ///
    /// @param name the name of what sends it, for a format that carries it
    Sent send(Job job, Signal signal, String name) {
        int number = sequence.updateAndGet(last -> last % LAST_SEQUENCE + 1);
        List<List<Leg>> runs = new ArrayList<>();
        for (Routing.Destination destination : Routing.of(job, tables.events().group(signal))) {
            List<Leg> tried = new ArrayList<>();
            for (Receiver receiver : destination.receivers()) {
                tried.add(leg(job, receiver, signal, number, name));
                if (tried.getLast().answered()) {
                    break;
                }
            }
            runs.add(tried);
        }
        return new Sent(signal, runs);
    }

    private Leg leg(Job job, Receiver receiver, Signal signal, int number, String name) {
        try {
            Outgoing out = Outgoing.of(receiver, signal, number, name, clock.instant(), tables);
            return switch (out) {
                case Outgoing.Frame frame -> overIp(job.communicator().ip(), receiver, frame.frame());
                case Outgoing.Tones tones -> overLine(receiver, signal, out, tones.digits());
                case Outgoing.Pulses pulses ->
                    overLine(receiver, signal, out, pulses.report().text());
            };
        } catch (IllegalArgumentException cannot) {
            return new Leg(receiver, "", false, clock.instant(), 0, 0, cannot.getMessage(), Optional.empty());
        }
    }

    private Leg overIp(IpRoute route, Receiver receiver, IpFrame frame) {
        InetSocketAddress station = stations.apply(receiver);
        Destination to = new Destination(
                station.getHostString(),
                station.getPort(),
                receiver.reception().transport(),
                keys.of(receiver.reception().keyBits()));
        Delivery delivery =
                new Transmitter(route.attempts(), Duration.ofMillis(route.timeoutMillis()), clock).send(to, frame);
        return new Leg(
                receiver,
                IpFrames.encode(frame).strip(),
                delivery.acknowledged(),
                delivery.at(),
                delivery.millis(),
                delivery.attempts(),
                delivery.problem(),
                Optional.empty());
    }

    /// The call as it would sound, heard by a receiver in the model: what it cannot read it does not acknowledge.
    private Leg overLine(Receiver receiver, Signal signal, Outgoing out, String what) {
        Call call = Outgoing.call(out, receiver);
        Recording heard = Listening.to(Synthesis.of(call, USUAL_LINE, new Random(0)), receiver.format());
        boolean read = heard.reports().equals(List.of(what));
        Printout printout = new Printer(receiver.reception(), tables.events(), tables.letters()).of(signal);
        Leg leg = new Leg(
                receiver,
                what,
                read,
                clock.instant(),
                Math.round(call.seconds() * 1000),
                1,
                read ? "" : "the receiver heard " + heard.reports() + heard.problems(),
                Optional.of(printout));
        called.accept(leg);
        return leg;
    }
}
