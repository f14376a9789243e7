package io.answerback.station;

import io.answerback.report.Answer;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// A monitoring station to practise on: listens on TCP, decodes, judges, answers, and tells a listener what
/// arrived. Rubbish is listed and answered or dropped; it never ends the station.
public final class PracticeStation implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(PracticeStation.class);
    private static final long SLOW_MILLIS = 3000;

    private final ServerSocket server;
    private final StationRules rules;
    private final InstantSource clock;
    private final Consumer<Received> listener;
    private final Judge judge;
    private final Semaphore places;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private final AtomicLong frames = new AtomicLong();
    private final ExecutorService threads = Executors.newVirtualThreadPerTaskExecutor();

    private PracticeStation(ServerSocket server, StationRules rules, InstantSource clock, Consumer<Received> listener) {
        this.server = server;
        this.rules = rules;
        this.clock = clock;
        this.listener = listener;
        this.judge = new Judge(rules);
        this.places = new Semaphore(rules.mostConnections());
    }

    /// Starts listening.
    ///
    /// @param bind the address to listen on; loopback unless the user deliberately opens it
    /// @param port the port; 0 for any free one
    /// @param listener told of everything that is listed, on the connection's own thread
    /// @throws IOException when the port is taken or not allowed
    public static PracticeStation listen(
            InetAddress bind, int port, StationRules rules, InstantSource clock, Consumer<Received> listener)
            throws IOException {
        ServerSocket server = new ServerSocket();
        try {
            server.bind(new InetSocketAddress(bind, port));
        } catch (IOException refused) {
            server.close();
            throw new IOException(
                    "cannot listen on %s port %d: %s. Choose another port, or 0 for a free one."
                            .formatted(bind.getHostAddress(), port, refused.getMessage()),
                    refused);
        }
        PracticeStation station = new PracticeStation(server, rules, clock, listener);
        station.threads.execute(station::acceptUntilClosed);
        return station;
    }

    /// Where it listens.
    public InetSocketAddress address() {
        return (InetSocketAddress) server.getLocalSocketAddress();
    }

    private void acceptUntilClosed() {
        while (!server.isClosed()) {
            try {
                admit(server.accept());
            } catch (IOException | RuntimeException failed) {
                if (!server.isClosed()) {
                    LOG.warn("A connection could not be accepted: {}", failed.getMessage());
                }
            }
        }
    }

    private void admit(Socket socket) throws IOException {
        if (!places.tryAcquire()) {
            socket.close();
            return;
        }
        open.add(socket);
        threads.execute(() -> {
            try (socket) {
                serve(socket);
            } catch (IOException | RuntimeException ended) {
                LOG.debug("A connection ended: {}", ended.getMessage());
            } finally {
                open.remove(socket);
                places.release();
            }
        });
    }

    private void serve(Socket socket) throws IOException {
        socket.setTcpNoDelay(true);
        socket.setSoTimeout((int) rules.longestSilence().toMillis());
        var reader = new FrameReader(
                new BufferedInputStream(socket.getInputStream()), rules.longestFrameBytes(), rules.longestFrameTime());
        try {
            for (Optional<String> frame = reader.next(); frame.isPresent(); frame = reader.next()) {
                answer(socket, judge.judge(frame.get(), clock.instant()));
            }
        } catch (FrameReader.OutOfBounds tooMuch) {
            listener.accept(new Received(
                    clock.instant(),
                    "not a frame",
                    "",
                    Optional.empty(),
                    Optional.empty(),
                    List.of(tooMuch.getMessage())));
        }
    }

    private void answer(Socket socket, Judge.Verdict verdict) throws IOException {
        Judge.Verdict given = misbehave(verdict);
        if (!given.duplicate()) {
            listener.accept(given.received());
        }
        if (given.reply().isPresent()) {
            socket.getOutputStream().write(given.reply().get().getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
        }
    }

    private Judge.Verdict misbehave(Judge.Verdict verdict) throws SocketException {
        return switch (rules.misbehaviour()) {
            case NONE -> verdict;
            case SILENT -> silent(verdict);
            case SLOW -> late(verdict);
            case NAK -> judge.instead(verdict, Answer.NAK, clock.instant());
            case DUH -> judge.instead(verdict, Answer.DUH, clock.instant());
            case DROP -> frames.getAndIncrement() % 2 == 0 ? silent(verdict) : verdict;
        };
    }

    private static Judge.Verdict silent(Judge.Verdict verdict) {
        return new Judge.Verdict(
                verdict.frame(), verdict.received().answered(Optional.empty()), Optional.empty(), verdict.duplicate());
    }

    private static Judge.Verdict late(Judge.Verdict verdict) throws SocketException {
        try {
            TimeUnit.MILLISECONDS.sleep(SLOW_MILLIS);
            return verdict;
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
            throw new SocketException("the station is closing");
        }
    }

    /// Stops listening and closes every connection.
    @Override
    public void close() {
        try {
            server.close();
            for (Socket socket : open) {
                socket.close();
            }
        } catch (IOException failed) {
            LOG.debug("Closing: {}", failed.getMessage());
        }
        threads.shutdownNow();
    }
}
