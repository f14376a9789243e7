package io.answerback.core.model.profile;

/// In which order a supply is given power, from its maker's manual.
public enum PowerOrder {
    /// The battery, then the mains.
    BATTERY_FIRST,
    /// The mains, then the battery: it does not start on its battery alone.
    MAINS_FIRST
}
