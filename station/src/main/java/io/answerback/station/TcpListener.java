package io.answerback.station;

import io.answerback.core.model.receiver.Transport;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Takes connections and serves the frames that come over them.
final class TcpListener implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(TcpListener.class);

    /// How many callers the system keeps waiting; for one more, a caller has to try again after a second.
    private static final int WAITING_CALLERS = 1024;

    /// Of one address, as long as it does not wait for its answers.
    private static final int FRAMES_A_SECOND = 200;

    private static final int FRAMES_AT_ONCE = 500;

    private final ServerSocket server;
    private final StationRules.Limits limits;
    private final FrameService service;
    private final Places places;
    private final Pace pace = new Pace(FRAMES_A_SECOND, FRAMES_AT_ONCE);
    private final ExecutorService threads;

    private TcpListener(
            ServerSocket server, StationRules.Limits limits, FrameService service, ExecutorService threads) {
        this.server = server;
        this.limits = limits;
        this.service = service;
        this.threads = threads;
        this.places = new Places(limits, (place, why) -> service.note("closed", why), System::nanoTime);
    }

    /// @throws IOException when the port is taken or not allowed
    static TcpListener listen(
            InetAddress bind, int port, StationRules.Limits limits, FrameService service, ExecutorService threads)
            throws IOException {
        ServerSocket server = new ServerSocket();
        try {
            server.bind(new InetSocketAddress(bind, port), WAITING_CALLERS);
        } catch (IOException refused) {
            server.close();
            throw refused;
        }
        TcpListener listener = new TcpListener(server, limits, service, threads);
        threads.execute(listener::acceptUntilClosed);
        return listener;
    }

    InetSocketAddress address() {
        return (InetSocketAddress) server.getLocalSocketAddress();
    }

    /// Callers that do not read do not keep their places.
    void closeStuck() {
        places.closeStuck();
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
        socket.setTcpNoDelay(true);
        socket.setSoTimeout((int) limits.longestSilence().toMillis());
        var reader = new FrameReader(socket.getInputStream(), limits.longestFrameBytes(), limits.longestFrameTime());
        try {
            for (Optional<String> frame = reader.next(); frame.isPresent(); frame = reader.next()) {
                places.heard(place);
                // asked before the answer is sent: who waits for that may send the next at once
                boolean ahead = reader.more();
                answer(place, frame.get());
                // a thread of this kind is never interrupted by others: who sends without end gives way by itself
                Thread.yield();
                if (ahead) {
                    pause(pace.waits(place.caller(), System.nanoTime()));
                }
            }
        } catch (FrameReader.OutOfBounds tooMuch) {
            service.note("not a frame", tooMuch.getMessage());
        } catch (SocketTimeoutException silent) {
            service.note(
                    "closed",
                    "%s sent nothing for %d s; the connection is closed"
                            .formatted(place.caller(), limits.longestSilence().toSeconds()));
        }
    }

    private void answer(Places.Place place, String frame) throws IOException {
        Socket socket = place.socket();
        Reply reply = service.serve(
                frame,
                Transport.TCP,
                place.caller(),
                sent -> new Exchange(
                        Transport.TCP, (InetSocketAddress) socket.getRemoteSocketAddress(), address(), frame, sent));
        pause(reply.after().toNanos());
        try {
            places.writes(place);
            for (String text : reply.texts()) {
                socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
                socket.getOutputStream().flush();
            }
        } finally {
            places.wrote(place);
        }
        if (reply.close()) {
            socket.close();
        }
    }

    private static void pause(long nanos) throws SocketException {
        if (nanos == 0) {
            return;
        }
        try {
            TimeUnit.NANOSECONDS.sleep(nanos);
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
            throw new SocketException("the station is closing");
        }
    }

    @Override
    public void close() {
        try {
            server.close();
        } catch (IOException failed) {
            LOG.debug("Closing: {}", failed.getMessage());
        }
        places.closeAll();
    }
}
