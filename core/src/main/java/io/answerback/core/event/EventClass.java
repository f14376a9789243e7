package io.answerback.core.event;

/// One row of the event table.
///
/// @param code the DTMF event code, three digits (SIA DC-05)
/// @param words what it means, in plain words
/// @param siaNew the two letters for a new event (SIA DC-03)
/// @param siaRestore the two letters for its end (SIA DC-03); empty when it has none
/// @param group alarm, hold-up, tamper, fault, set/unset or test
/// @param pulseDigit the digit pulse formats send by default, one of 1-9 and A-F
public record EventClass(String code, String words, String siaNew, String siaRestore, String group, char pulseDigit) {
    /// The same row in other words.
    EventClass withWords(String other) {
        return new EventClass(code, other, siaNew, siaRestore, group, pulseDigit);
    }
}
