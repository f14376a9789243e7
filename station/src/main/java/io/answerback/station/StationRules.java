package io.answerback.station;

import io.answerback.event.Signal;
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
/// @param mostConnections connections served at once; more are closed at once
/// @param longestFrameBytes bytes a frame may have; a longer one ends its connection
/// @param longestFrameTime how long a frame may take to arrive
/// @param longestSilence how long a connection may stay without a byte
public record StationRules(
        Function<Signal, List<String>> list,
        boolean answerBadFrames,
        Misbehaviour misbehaviour,
        int mostConnections,
        int longestFrameBytes,
        Duration longestFrameTime,
        Duration longestSilence) {

    /// A station that serves anybody and behaves.
    public static StationRules standard() {
        return new StationRules(
                signal -> List.of(),
                true,
                Misbehaviour.NONE,
                256,
                4096 + 10,
                Duration.ofSeconds(10),
                Duration.ofSeconds(30));
    }

    /// The same with the operator's list of a site.
    public StationRules withList(Function<Signal, List<String>> problems) {
        return new StationRules(
                problems,
                answerBadFrames,
                misbehaviour,
                mostConnections,
                longestFrameBytes,
                longestFrameTime,
                longestSilence);
    }

    /// The same, told to misbehave.
    public StationRules misbehaving(Misbehaviour how) {
        return new StationRules(
                list, answerBadFrames, how, mostConnections, longestFrameBytes, longestFrameTime, longestSilence);
    }
}
