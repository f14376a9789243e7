package io.answerback.core.model.practice;

/// A matter on which firms differ. Each has its [PracticeOption]s; a firm answers every question once, a job may
/// depart.
public enum PracticeQuestion {
    /// Which words people use for making an area watch.
    WORDING,
    /// How contacts and resistors make one supervised loop.
    LOOP,
    /// What is done about inputs nobody needs.
    UNUSED_INPUTS,
    /// How covers are watched.
    TAMPER,
    /// Where the end-of-line resistor sits.
    RESISTOR_PLACE,
    /// How cores are joined on the way.
    JOINTS,
    /// In which order battery and mains come back.
    POWER_UP,
    /// How a keypad brought along for the work is kept from being learned for good.
    SERVICE_KEYPAD,
    /// How the site is set remotely.
    REMOTE_SETTING,
    /// How the communicator is attached to the panel.
    COMMUNICATOR,
    /// How the communicator gets its IP address.
    ADDRESSES,
    /// Which receivers get which events.
    RECEIVERS,
    /// How many entry times there are.
    DELAYS,
    /// What it takes for an alarm to count as confirmed.
    CONFIRMATION,
    /// What is kept of when and where a photograph was taken.
    PHOTOGRAPHS
}
