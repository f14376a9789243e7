package io.answerback.core.model.cable;

/// One of the two ends of a cable.
public enum CableEnd {
    /// Towards the panel.
    NEAR,
    /// Towards what it serves.
    FAR
}
