package io.answerback.station;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import java.io.IOException;
import java.net.InetAddress;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/// A station that listens on a free port, and frames to send to it.
abstract class StationAtWork {
    static final Instant NOW = Instant.parse("2026-05-12T09:41:07Z");
    static final InstantSource CLOCK = InstantSource.fixed(NOW);
    static final Signal SIGNAL = new Signal("7316", Qualifier.NEW, "130", 2, 15);
    final BlockingQueue<Received> log = new LinkedBlockingQueue<>();
    PracticeStation station;

    @BeforeEach
    void start() throws IOException {
        station = listen(StationRules.standard(Frames.SIGNALS));
    }

    PracticeStation listen(StationRules rules) throws IOException {
        return PracticeStation.listen(InetAddress.getLoopbackAddress(), 0, rules, CLOCK, log::add);
    }

    void restart(StationRules rules) throws IOException {
        station.close();
        station = listen(rules);
    }

    @AfterEach
    void stop() {
        station.close();
    }

    static IpFrame frame(int sequence) {
        return IpFrame.of(SIGNAL, sequence, "1", "0", NOW);
    }

    Delivery send(IpFrame frame, int attempts, Duration timeout) {
        return new Transmitter(attempts, timeout, CLOCK)
                .send(station.address().getHostString(), station.address().getPort(), frame);
    }

    Delivery send(IpFrame frame) {
        return send(frame, 1, Duration.ofSeconds(10));
    }

    Received next() throws InterruptedException {
        return Optional.ofNullable(log.poll(10, TimeUnit.SECONDS)).orElseThrow();
    }
}
