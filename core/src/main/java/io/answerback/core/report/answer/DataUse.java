package io.answerback.core.report.answer;

import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.receiver.Transport;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Routing;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.SecretFrames;
import java.time.Instant;
import java.util.Optional;
import java.util.Random;

/// What a path carries in a month, with everything that the network adds and counts. Frames are built and
/// measured; what is added is 20 bytes of IPv4 (RFC 791) and 8 of UDP (RFC 768) or 20 of TCP (RFC 9293, without
/// options) a packet: a frame and its answer are two packets over UDP, and eleven over TCP with the opening and
/// closing of the connection.
///
/// @param pollBytes bytes of one poll and its answer
/// @param eventBytes bytes of one event and its answer
/// @param megabytesPerMonth megabytes of 1,000,000 bytes in a mean month, with [#EVENTS_A_DAY] events
public record DataUse(int pollBytes, int eventBytes, double megabytesPerMonth) {
    /// How many events a day are assumed, a working value: setting and unsetting, tests, and some more.
    public static final int EVENTS_A_DAY = 20;

    private static final double SECONDS_A_MONTH = 365.2425 / 12 * 86_400;
    private static final double DAYS_A_MONTH = 365.2425 / 12;
    private static final int UDP_PACKET = 28;
    private static final int TCP_PACKETS = 11 * 40;
    private static final double MEGA = 1e6;
    private static final Instant ANY_TIME = Instant.parse("2026-01-01T00:00:00Z");

    /// What polls and events to a receiver make on a path.
    ///
    /// @param account the account it reports under
    public static DataUse of(TransmissionPath path, Receiver receiver, String account) {
        int poll = bytes(receiver, frame(receiver, account, IpFrame.NULL, ""));
        Signal signal = new Signal(account, Qualifier.NEW, "130", 1, 1);
        int event = bytes(receiver, IpFrame.of(signal, 1, receiver.receiverNumber(), receiver.linePrefix(), ANY_TIME));
        double polls =
                path.pollSeconds().map(seconds -> SECONDS_A_MONTH / seconds).orElse(0.0);
        return new DataUse(poll, event, (polls * poll + DAYS_A_MONTH * EVENTS_A_DAY * event) / MEGA);
    }

    /// What a path carries to the first receiver of a job over IP; empty for a line, and where there is no
    /// receiver or no account yet.
    public static Optional<DataUse> of(Parts job, TransmissionPath path) {
        return job.routeReceivers().stream()
                .filter(receiver -> path.kind().overIp() && path.kind().carries(receiver.format()))
                .findFirst()
                .flatMap(receiver -> Routing.accounts(job, receiver).stream()
                        .findFirst()
                        .map(account -> of(path, receiver, account)));
    }

    private static IpFrame frame(Receiver receiver, String account, String id, String data) {
        return new IpFrame(
                id, 1, receiver.receiverNumber(), receiver.linePrefix(), account, data, Optional.of(ANY_TIME));
    }

    private static int bytes(Receiver receiver, IpFrame frame) {
        int bits = receiver.reception().keyBits();
        int there = length(frame, bits);
        int back = length(frame(receiver, frame.account(), "ACK", ""), bits);
        return there + back + (receiver.reception().transport() == Transport.UDP ? 2 * UDP_PACKET : TCP_PACKETS);
    }

    private static int length(IpFrame frame, int keyBits) {
        return keyBits == 0
                ? IpFrames.encode(frame).length()
                : SecretFrames.encode(frame, EncryptionKey.of("0".repeat(keyBits / 4)), new Random(0))
                        .length();
    }
}
