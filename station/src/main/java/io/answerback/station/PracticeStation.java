package io.answerback.station;

import io.answerback.core.report.Answer;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
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
    private final Teller teller;
    private final Judge judge;
    private final Places places;
    private final AtomicLong frames = new AtomicLong();
    private final ExecutorService threads = Executors.newVirtualThreadPerTaskExecutor();

    private PracticeStation(ServerSocket server, StationRules rules, InstantSource clock, Consumer<Received> listener) {
        this.server = server;
        this.rules = rules;
        this.clock = clock;
        this.judge = new Judge(rules);
        this.teller = new Teller(
                rules.limits().mostUntold(),
                guarded(listener),
                lost -> note("lost", "%d lines were lost: the log or the window was too slow".formatted(lost)));
        this.places = new Places(rules.limits(), (place, why) -> teller.tell(note("closed", why)), System::nanoTime);
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

    /// A line of the log about something that is no frame.
    private Received note(String what, String problem) {
        return new Received(clock.instant(), what, "", Optional.empty(), Optional.empty(), List.of(problem));
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
        station.threads.execute(station::watchUntilClosed);
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

    /// Every second: callers that do not read do not keep their places.
    private void watchUntilClosed() {
        try {
            while (!server.isClosed()) {
                places.closeStuck();
                TimeUnit.SECONDS.sleep(1);
            }
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    private void admit(Socket socket) {
        Places.Place place = places.admit(socket);
        threads.execute(() -> {
            try (socket) {
                serve(place);
            } catch (IOException | RuntimeException ended) {
                LOG.debug("A connection ended: {}", ended.getMessage());
            } finally {
                places.leave(place);
            }
        });
    }

    private void serve(Places.Place place) throws IOException {
        Socket socket = place.socket();
        StationRules.Limits limits = rules.limits();
        socket.setTcpNoDelay(true);
        socket.setSoTimeout((int) limits.longestSilence().toMillis());
        var reader = new FrameReader(
                new BufferedInputStream(socket.getInputStream()),
                limits.longestFrameBytes(),
                limits.longestFrameTime());
        try {
            for (Optional<String> frame = reader.next(); frame.isPresent(); frame = reader.next()) {
                places.heard(place);
                answer(place, judge.judge(frame.get(), clock.instant()));
            }
        } catch (FrameReader.OutOfBounds tooMuch) {
            teller.tell(note("not a frame", tooMuch.getMessage()));
        } catch (SocketTimeoutException silent) {
            teller.tell(note(
                    "closed",
                    "%s sent nothing for %d s; the connection is closed"
                            .formatted(place.caller(), limits.longestSilence().toSeconds())));
        }
    }

    /// Put into the list before the answer goes out, so that the list has the order in which senders were
    /// answered: who waits for an answer before the next signal finds both in that order. Telling never waits
    /// for a listener.
    private void answer(Places.Place place, Judge.Verdict verdict) throws IOException {
        Judge.Verdict given = misbehave(verdict);
        if (!given.duplicate()) {
            teller.tell(given.received());
        }
        try {
            if (given.reply().isPresent()) {
                places.writes(place);
                place.socket().getOutputStream().write(given.reply().get().getBytes(StandardCharsets.ISO_8859_1));
                place.socket().getOutputStream().flush();
            }
        } finally {
            places.wrote(place);
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
            places.closeAll();
            teller.close();
        } catch (IOException failed) {
            LOG.debug("Closing: {}", failed.getMessage());
        }
        threads.shutdownNow();
    }
}
