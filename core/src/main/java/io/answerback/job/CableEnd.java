package io.answerback.job;

/// One of the two ends of a cable.
public enum CableEnd {
    /// Towards the panel.
    NEAR,
    /// Towards what it serves.
    FAR
}
