package io.answerback.loop;

/// What the device at the far end is doing.
public enum DeviceState {
    /// Nothing: the door is shut, the detector quiet.
    AT_REST,
    /// The thing it watches for: the door is open, the detector has tripped.
    ACTIVE,
    /// Its cover is off.
    COVER_OFF
}
