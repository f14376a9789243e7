package io.answerback.core.model.path;

import io.answerback.core.model.common.Require;
import java.util.Optional;

/// How often paths show that they are there, as a class of transmission asks.
///
/// @param name what it is called
/// @param firstSeconds for the first path
/// @param secondSeconds for the second path; empty for a class of one path
/// @param source where the figures are from
public record TransmissionClass(String name, int firstSeconds, Optional<Integer> secondSeconds, String source) {
    /// @throws IllegalArgumentException when the name is blank or an interval is not from 10 to 200 000 s
    public TransmissionClass {
        name = Require.text(name, "name of the class");
        Require.within(firstSeconds, 10, 200_000, "interval of the first path in seconds");
        Require.given(secondSeconds, "interval of the second path");
        secondSeconds.ifPresent(
                seconds -> Require.within(seconds, 10, 200_000, "interval of the second path in seconds"));
        source = source == null ? "" : source.strip();
    }
}
