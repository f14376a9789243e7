package io.answerback.loop;

/// What has become of the cable or the resistor.
public enum CableState {
    /// As it was fitted.
    SOUND,
    /// One core is broken.
    CUT,
    /// The cores touch at the device.
    SHORT_AT_DEVICE,
    /// The cores touch at the panel.
    SHORT_AT_PANEL,
    /// A wet joint leaks across the pair at the device.
    DAMP,
    /// The end-of-line resistor was left out and its place bridged.
    NO_RESISTOR
}
