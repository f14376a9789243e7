package io.answerback.station;

import io.answerback.core.model.receiver.Carried;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpSignals;
import java.time.Duration;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/// How a practice station judges and how much it puts up with.
///
/// @param signals reads the events in frames
/// @param list what is wrong with a signal that arrived whole, from the operator's list; no words when nothing
///     is
/// @param unlike what the site's own receivers would not take of a frame that came so; no words where they take it
/// @param keys the keys that encrypted frames of an account may have; none when it has none
/// @param answerBadFrames whether a frame with a wrong check or length is answered with a NAK; otherwise it is
///     dropped
/// @param misbehaviour how the station is told to misbehave
/// @param dropEvery which frames get no answer where it drops some: 2 for every second
/// @param supervision how long an account that was heard may be silent before that is listed; zero for never
/// @param udp whether it takes datagrams too, on the same port
/// @param limits how much it puts up with
public record StationRules(
        IpSignals signals,
        Function<Signal, List<String>> list,
        BiFunction<IpFrame, Carried, List<String>> unlike,
        Function<String, List<EncryptionKey>> keys,
        boolean answerBadFrames,
        Misbehaviour misbehaviour,
        int dropEvery,
        Duration supervision,
        boolean udp,
        Limits limits) {
    /// How much a station puts up with.
    ///
    /// @param mostConnections connections served at once, and datagrams; for one more connection, the one that
    ///     has been without a whole frame for the longest is closed; one more datagram is refused
    /// @param mostOfOneCaller connections of one address served at once, and datagrams; for one more, the same
    ///     holds among those
    /// @param longestFrameBytes bytes a frame may have; a longer one ends its connection
    /// @param longestFrameTime how long a frame may take to arrive
    /// @param longestSilence how long a connection may stay without a byte
    /// @param longestWrite how long an answer may wait for a caller that does not read
    /// @param mostUntold lines that wait for a log or a window that is slow; more are lost and counted
    public record Limits(
            int mostConnections,
            int mostOfOneCaller,
            int longestFrameBytes,
            Duration longestFrameTime,
            Duration longestSilence,
            Duration longestWrite,
            int mostUntold) {
        /// What a station on an engineer's computer puts up with.
        public static final Limits STANDARD = new Limits(
                256, 128, 4096 + 10, Duration.ofSeconds(10), Duration.ofSeconds(30), Duration.ofSeconds(5), 2000);

        /// The limits in one sentence.
        public String words() {
            return "At most %d connections at once, %d of one address, a frame of %d bytes within %d s, %d s without a byte, %d s for a caller to take an answer; %d lines wait for a slow log."
                    .formatted(
                            mostConnections,
                            mostOfOneCaller,
                            longestFrameBytes,
                            longestFrameTime.toSeconds(),
                            longestSilence.toSeconds(),
                            longestWrite.toSeconds(),
                            mostUntold);
        }
    }

    /// A station that serves anybody over TCP, without keys, and behaves.
    public static StationRules standard(IpSignals signals) {
        return new StationRules(
                signals,
                signal -> List.of(),
                (frame, how) -> List.of(),
                account -> List.of(),
                true,
                Misbehaviour.NONE,
                2,
                Duration.ZERO,
                false,
                Limits.STANDARD);
    }

    /// The same with the operator's list of a site.
    public StationRules withList(Function<Signal, List<String>> problems) {
        return new StationRules(
                signals, problems, unlike, keys, answerBadFrames, misbehaviour, dropEvery, supervision, udp, limits);
    }

    /// The same with the receivers of a site.
    public StationRules withReceivers(BiFunction<IpFrame, Carried, List<String>> other) {
        return new StationRules(
                signals, list, other, keys, answerBadFrames, misbehaviour, dropEvery, supervision, udp, limits);
    }

    /// The same with the keys of accounts.
    public StationRules withKeys(Function<String, List<EncryptionKey>> other) {
        return new StationRules(
                signals, list, unlike, other, answerBadFrames, misbehaviour, dropEvery, supervision, udp, limits);
    }

    /// The same, told to misbehave.
    public StationRules misbehaving(Misbehaviour how) {
        return new StationRules(signals, list, unlike, keys, answerBadFrames, how, dropEvery, supervision, udp, limits);
    }

    /// The same that drops other frames where it drops some.
    ///
    /// @param every 2 or more
    public StationRules dropping(int every) {
        if (every < 2) {
            throw new IllegalArgumentException("every n-th frame is dropped, and n is 2 or more; it is " + every);
        }
        return new StationRules(
                signals, list, unlike, keys, answerBadFrames, Misbehaviour.DROP, every, supervision, udp, limits);
    }

    /// The same that lists an account which was heard and then was silent for so long.
    public StationRules supervising(Duration longest) {
        return new StationRules(
                signals, list, unlike, keys, answerBadFrames, misbehaviour, dropEvery, longest, udp, limits);
    }

    /// The same that takes datagrams too, or does not.
    public StationRules takingDatagrams(boolean taken) {
        return new StationRules(
                signals, list, unlike, keys, answerBadFrames, misbehaviour, dropEvery, supervision, taken, limits);
    }

    /// The same that puts up with something else.
    public StationRules within(Limits other) {
        return new StationRules(
                signals, list, unlike, keys, answerBadFrames, misbehaviour, dropEvery, supervision, udp, other);
    }

    /// The same that answers frames with a wrong check or length, or drops them.
    public StationRules answeringBadFrames(boolean answered) {
        return new StationRules(
                signals, list, unlike, keys, answered, misbehaviour, dropEvery, supervision, udp, limits);
    }
}
