package io.answerback.core.loop;

/// What is at the far end of the cable while the loop is measured.
public enum FarEnd {
    /// The device, as wired.
    DEVICE,
    /// The cores bridged, the device out of the loop.
    BRIDGED,
    /// The cores lifted, nothing between them.
    LIFTED
}
