package io.answerback.station;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.InstantSource;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// A monitoring station to practise on: listens on TCP and, where its rules say so, on UDP; decodes, judges,
/// answers, and tells a listener what arrived. Rubbish is listed and answered or dropped; it never ends the
/// station.
public final class PracticeStation implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(PracticeStation.class);
    private static final int TRIES_FOR_A_COMMON_PORT = 20;

    private final InstantSource clock;
    private final Teller teller;
    private final Supervision supervision;
    private final FrameService service;
    private final ExecutorService threads = Executors.newVirtualThreadPerTaskExecutor();
    private TcpListener tcp;
    private Optional<UdpListener> udp = Optional.empty();

    private PracticeStation(StationRules rules, InstantSource clock, Consumer<Received> listener) {
        this.clock = clock;
        this.teller = new Teller(
                rules.limits().mostUntold(),
                guarded(listener),
                lost -> Received.note(
                        clock.instant(),
                        "lost",
                        "%d lines were lost: the log or the window was too slow".formatted(lost)));
        this.supervision = new Supervision(rules.supervision());
        this.service = new FrameService(rules, clock, teller, supervision);
    }

    private static Consumer<Received> guarded(Consumer<Received> listener) {
        return received -> {
            try {
                listener.accept(received);
            } catch (RuntimeException failed) {
                LOG.warn("What arrived could not be told: {}", failed.getMessage());
            }
        };
    }

    /// Starts listening.
    ///
    /// @param bind the address to listen on; loopback unless the user deliberately opens it
    /// @param port the port; 0 for any free one
    /// @param listener told of everything that is listed, on a thread of its own; however slow it is, answers
    ///     do not wait
    /// @throws IOException when the port is taken or not allowed
    public static PracticeStation listen(
            InetAddress bind, int port, StationRules rules, InstantSource clock, Consumer<Received> listener)
            throws IOException {
        PracticeStation station = new PracticeStation(rules, clock, listener);
        try {
            station.open(bind, port, rules);
        } catch (IOException refused) {
            station.teller.close();
            station.threads.shutdownNow();
            throw new IOException(
                    "cannot listen on %s port %d: %s. Choose another port, or 0 for a free one."
                            .formatted(bind.getHostAddress(), port, refused.getMessage()),
                    refused);
        }
        station.threads.execute(station::watchUntilClosed);
        return station;
    }

    /// With any free port, the one that is free for connections may be taken for datagrams; then the next is
    /// tried.
    private void open(InetAddress bind, int port, StationRules rules) throws IOException {
        int tries = port == 0 ? TRIES_FOR_A_COMMON_PORT : 1;
        for (int i = 1; ; i++) {
            tcp = TcpListener.listen(bind, port, rules.limits(), service, threads);
            if (!rules.udp()) {
                return;
            }
            try {
                udp = Optional.of(UdpListener.listen(tcp.address(), rules.limits(), service, threads));
                return;
            } catch (IOException taken) {
                tcp.close();
                if (i == tries) {
                    throw taken;
                }
            }
        }
    }

    /// Where it listens.
    public InetSocketAddress address() {
        return tcp.address();
    }

    /// Every second: callers that do not read lose their places, and silence is noticed.
    private void watchUntilClosed() {
        try {
            while (!threads.isShutdown()) {
                tcp.closeStuck();
                udp.ifPresent(UdpListener::tellRefused);
                supervision.changes(clock.instant()).forEach(change -> service.note("supervision", change));
                TimeUnit.SECONDS.sleep(1);
            }
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    /// Stops listening and closes every connection.
    @Override
    public void close() {
        tcp.close();
        udp.ifPresent(UdpListener::close);
        teller.close();
        threads.shutdownNow();
    }
}
