package io.answerback.desktop.live;

import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.format.IpFrame;
import io.answerback.core.format.IpFrames;
import io.answerback.core.site.Job;
import io.answerback.core.site.Receiver;
import io.answerback.station.Delivery;
import io.answerback.station.Transmitter;
import java.net.InetSocketAddress;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;

/// The IP line from the communicator: numbers frames, sends them to the practice station whatever receivers
/// the job names, and waits for the answer. Blocks; use it off the interface's thread.
public final class Line {
    private static final int LAST_SEQUENCE = 9999;

    private final InetSocketAddress station;
    private final InstantSource clock;
    private final AtomicInteger sequence = new AtomicInteger();

    /// A line to a practice station.
    public Line(InetSocketAddress station, InstantSource clock) {
        this.station = station;
        this.clock = clock;
    }

    /// A frame that was sent and how it went.
    ///
    /// @param signal what it carried
    /// @param frame its text without LF and CR
    public record Sent(Signal signal, String frame, Delivery delivery) {
        /// Whether this was the beginning of an event, not its end.
        public boolean begins() {
            return signal.qualifier() == Qualifier.NEW;
        }
    }

    /// Sends one signal as the job's IP route says.
    public Sent send(Job job, Signal signal) {
        int next = sequence.updateAndGet(last -> last % LAST_SEQUENCE + 1);
        Optional<Receiver> receiver = job.routeReceivers().stream().findFirst();
        IpFrame frame = IpFrame.of(
                signal,
                next,
                receiver.map(Receiver::receiverNumber).orElse(""),
                receiver.map(Receiver::linePrefix).orElse("0"),
                clock.instant());
        var route = job.communicator().ip();
        var transmitter = new Transmitter(route.attempts(), Duration.ofMillis(route.timeoutMillis()), clock);
        Delivery delivery = transmitter.send(station.getHostString(), station.getPort(), frame);
        return new Sent(signal, IpFrames.encode(frame).strip(), delivery);
    }
}
