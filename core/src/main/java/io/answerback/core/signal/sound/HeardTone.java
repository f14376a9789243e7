package io.answerback.core.signal.sound;

/// A tone of the receiver in a recording.
///
/// @param hertz 1400, 1800 or 2300; beside blocks 2225 or 2025
/// @param atMillis when it begins, in milliseconds from the beginning of the recording
/// @param millis how long it lasts, in milliseconds, to 10
public record HeardTone(int hertz, double atMillis, double millis) {}
