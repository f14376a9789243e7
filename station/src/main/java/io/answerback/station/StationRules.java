package io.answerback.station;

import io.answerback.core.event.Signal;
import java.time.Duration;
import java.util.List;
import java.util.function.Function;

/// How a practice station judges and how much it puts up with.
///
/// @param list what is wrong with a signal that arrived whole, from the operator's list; no words when nothing
///     is
/// @param answerBadFrames whether a frame with a wrong check or length is answered with a NAK; otherwise it is
///     dropped
/// @param misbehaviour how the station is told to misbehave
/// @param limits how much it puts up with
public record StationRules(
        Function<Signal, List<String>> list, boolean answerBadFrames, Misbehaviour misbehaviour, Limits limits) {
    /// How much a station puts up with.
    ///
    /// @param mostConnections connections served at once; for one more, the one that has been without a whole
    ///     frame for the longest is closed
    /// @param mostOfOneCaller connections of one address served at once; for one more, the same holds among
    ///     those
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

    /// A station that serves anybody and behaves.
    public static StationRules standard() {
        return new StationRules(signal -> List.of(), true, Misbehaviour.NONE, Limits.STANDARD);
    }

    /// The same with the operator's list of a site.
    public StationRules withList(Function<Signal, List<String>> problems) {
        return new StationRules(problems, answerBadFrames, misbehaviour, limits);
    }

    /// The same, told to misbehave.
    public StationRules misbehaving(Misbehaviour how) {
        return new StationRules(list, answerBadFrames, how, limits);
    }

    /// The same that puts up with something else.
    public StationRules within(Limits other) {
        return new StationRules(list, answerBadFrames, misbehaviour, other);
    }

    /// The same that answers frames with a wrong check or length, or drops them.
    public StationRules answeringBadFrames(boolean answered) {
        return new StationRules(list, answered, misbehaviour, limits);
    }
}
