package io.answerback.station;

import java.io.IOException;
import java.net.ConnectException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetSocketAddress;
import java.net.PortUnreachableException;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntConsumer;

/// Carries one text to a station and brings back the first that is accepted as its answer, by TCP or UDP. What
/// is not accepted, such as the late answer to another frame, is passed over while the right one may still
/// come.
///
/// @param timeout how long it waits altogether
/// @param sendsFrom told the local port before anything is sent
record RoundTrip(Duration timeout, IntConsumer sendsFrom) {
    private static final int LONGEST_ANSWER_BYTES = 1024;

    /// @param accepted reads an answer; empty for what is none
    /// @throws IOException when there is no such host, nobody listens, no answer comes in time or the
    ///     connection breaks
    <T> Optional<T> carry(Destination to, String text, Function<String, Optional<T>> accepted) throws IOException {
        InetSocketAddress address = new InetSocketAddress(to.host(), to.port());
        if (address.isUnresolved()) {
            throw new UnknownHostException(to.host());
        }
        long deadline = System.nanoTime() + timeout.toNanos();
        return switch (to.transport()) {
            case TCP -> overTcp(address, text, accepted, deadline);
            case UDP -> overUdp(address, text, accepted, deadline);
        };
    }

    private <T> Optional<T> overTcp(
            InetSocketAddress address, String text, Function<String, Optional<T>> accepted, long deadline)
            throws IOException {
        try (Socket socket = new Socket()) {
            socket.connect(address, millis(deadline));
            socket.setTcpNoDelay(true);
            sendsFrom.accept(socket.getLocalPort());
            socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
            var reader = new FrameReader(socket.getInputStream(), LONGEST_ANSWER_BYTES, timeout);
            while (System.nanoTime() < deadline) {
                socket.setSoTimeout(millis(deadline));
                Optional<String> came = reader.next();
                if (came.isEmpty()) {
                    return Optional.empty();
                }
                Optional<T> answer = accepted.apply(came.get());
                if (answer.isPresent()) {
                    return answer;
                }
            }
            throw new SocketTimeoutException();
        }
    }

    private <T> Optional<T> overUdp(
            InetSocketAddress address, String text, Function<String, Optional<T>> accepted, long deadline)
            throws IOException {
        try (DatagramSocket socket = new DatagramSocket()) {
            socket.connect(address);
            sendsFrom.accept(socket.getLocalPort());
            byte[] bytes = text.getBytes(StandardCharsets.ISO_8859_1);
            socket.send(new DatagramPacket(bytes, bytes.length));
            byte[] room = new byte[LONGEST_ANSWER_BYTES];
            while (System.nanoTime() < deadline) {
                socket.setSoTimeout(millis(deadline));
                DatagramPacket packet = new DatagramPacket(room, room.length);
                socket.receive(packet);
                Optional<T> answer =
                        accepted.apply(new String(room, 0, packet.getLength(), StandardCharsets.ISO_8859_1));
                if (answer.isPresent()) {
                    return answer;
                }
            }
            throw new SocketTimeoutException();
        }
    }

    private static int millis(long deadline) {
        return Math.clamp((deadline - System.nanoTime()) / 1_000_000, 1, Integer.MAX_VALUE);
    }

    /// Why nothing came back, in plain words.
    static String explained(IOException failed, Destination to) {
        return switch (failed) {
            case PortUnreachableException refused -> "nobody listens at " + to.host() + " port " + to.port();
            case ConnectException refused -> "nobody listens at " + to.host() + " port " + to.port();
            case SocketTimeoutException silent -> "no answer in time";
            case UnknownHostException unknown -> "there is no host called " + to.host();
            default -> "the connection broke: " + failed.getMessage();
        };
    }
}
