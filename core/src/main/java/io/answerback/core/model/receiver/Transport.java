package io.answerback.core.model.receiver;

/// How IP frames travel.
public enum Transport {
    /// A connection for each frame.
    TCP,
    /// A datagram for each frame.
    UDP
}
