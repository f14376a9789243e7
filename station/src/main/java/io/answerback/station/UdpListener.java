package io.answerback.station;

import io.answerback.core.model.receiver.Transport;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Takes datagrams, one frame each, and answers each with one. So many are served at once, and so many of one
/// address; one more is refused, and the log says how many were.
final class UdpListener implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(UdpListener.class);

    /// Of one address: more than any communicator sends, and than sixty do together.
    private static final int DATAGRAMS_A_SECOND = 1000;

    private static final int DATAGRAMS_AT_ONCE = 2000;

    private final DatagramSocket socket;
    private final StationRules.Limits limits;
    private final FrameService service;
    private final ExecutorService threads;
    private final Pace pace = new Pace(DATAGRAMS_A_SECOND, DATAGRAMS_AT_ONCE);
    private final Map<String, Integer> pending = new HashMap<>();
    private final Map<String, Integer> refused = new HashMap<>();
    private int pendingOfAll;

    private UdpListener(
            DatagramSocket socket, StationRules.Limits limits, FrameService service, ExecutorService threads) {
        this.socket = socket;
        this.limits = limits;
        this.service = service;
        this.threads = threads;
    }

    /// @throws IOException when the port is taken or not allowed
    static UdpListener listen(
            InetSocketAddress address, StationRules.Limits limits, FrameService service, ExecutorService threads)
            throws IOException {
        UdpListener listener = new UdpListener(new DatagramSocket(address), limits, service, threads);
        threads.execute(listener::receiveUntilClosed);
        return listener;
    }

    private void receiveUntilClosed() {
        byte[] bytes = new byte[limits.longestFrameBytes() + 1];
        while (!socket.isClosed()) {
            try {
                DatagramPacket packet = new DatagramPacket(bytes, bytes.length);
                socket.receive(packet);
                String text = new String(bytes, 0, packet.getLength(), StandardCharsets.ISO_8859_1);
                take((InetSocketAddress) packet.getSocketAddress(), text);
            } catch (IOException | RuntimeException failed) {
                if (!socket.isClosed()) {
                    LOG.warn("A datagram could not be taken: {}", failed.getMessage());
                }
            }
        }
    }

    private void take(InetSocketAddress caller, String text) {
        if (text.length() > limits.longestFrameBytes()) {
            service.note(
                    "not a frame", "a datagram of more than %d bytes is refused".formatted(limits.longestFrameBytes()));
            return;
        }
        String host = caller.getAddress().getHostAddress();
        if (admitted(host)) {
            threads.execute(() -> serve(caller, host, text));
        }
    }

    private synchronized boolean admitted(String host) {
        int ofHost = pending.getOrDefault(host, 0);
        if (!pace.takes(host, System.nanoTime())
                || ofHost >= limits.mostOfOneCaller()
                || pendingOfAll >= limits.mostConnections()) {
            refused.merge(host, 1, Integer::sum);
            return false;
        }
        pending.put(host, ofHost + 1);
        pendingOfAll++;
        return true;
    }

    private synchronized void left(String host) {
        pending.computeIfPresent(host, (any, count) -> count == 1 ? null : count - 1);
        pendingOfAll--;
    }

    private void serve(InetSocketAddress caller, String host, String text) {
        try {
            Reply reply = service.serve(
                    text,
                    Transport.UDP,
                    host,
                    sent -> new Exchange(
                            Transport.UDP, caller, (InetSocketAddress) socket.getLocalSocketAddress(), text, sent));
            TimeUnit.NANOSECONDS.sleep(reply.after().toNanos());
            for (String one : reply.texts()) {
                byte[] bytes = one.getBytes(StandardCharsets.ISO_8859_1);
                socket.send(new DatagramPacket(bytes, bytes.length, caller));
            }
        } catch (IOException | RuntimeException failed) {
            LOG.debug("A datagram could not be answered: {}", failed.getMessage());
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        } finally {
            left(host);
        }
    }

    /// Lists how many datagrams were refused since it was asked last.
    void tellRefused() {
        Map<String, Integer> gone;
        synchronized (this) {
            gone = Map.copyOf(refused);
            refused.clear();
        }
        gone.forEach((host, count) -> service.note(
                "refused",
                "%d datagrams of %s were refused: %d at once and %d a second are the most of one address, and %d at once of all"
                        .formatted(
                                count, host, limits.mostOfOneCaller(), DATAGRAMS_A_SECOND, limits.mostConnections())));
    }

    @Override
    public void close() {
        socket.close();
    }
}
