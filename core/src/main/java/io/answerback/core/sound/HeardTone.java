package io.answerback.core.sound;

/// A tone of the receiver in a recording.
///
/// @param hertz 1400 or 2300
/// @param atMillis when it begins, in milliseconds from the beginning of the recording
/// @param millis how long it lasts, in milliseconds, to 10
public record HeardTone(int hertz, double atMillis, double millis) {}
