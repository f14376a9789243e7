package io.answerback.core.receiver;

/// How IP frames travel.
public enum Transport {
    /// A connection for each frame.
    TCP,
    /// A datagram for each frame.
    UDP
}
