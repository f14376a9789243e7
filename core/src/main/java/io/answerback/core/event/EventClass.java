package io.answerback.core.event;

import io.answerback.core.receiver.EventGroup;
import java.util.Optional;

/// One row of the event table.
///
/// @param code the DTMF event code, three digits (SIA DC-05)
/// @param words what it means, in plain words
/// @param siaNew the two letters for a new event (SIA DC-03)
/// @param siaRestore the two letters for its end (SIA DC-03); empty when it has none
/// @param group alarm, hold-up, tamper, fault, opening or test
/// @param pulse what pulse formats send of it
public record EventClass(String code, String words, String siaNew, String siaRestore, String group, PulseDigits pulse) {
    /// What pulse formats send of an event.
    ///
    /// @param digit the digit of the event by default, one of 1-9 and B-F
    /// @param restore the digit of its end; empty when there is none
    /// @param word what a receiver should print for the event, such as "ALARM"
    public record PulseDigits(char digit, Optional<Character> restore, String word) {}

    /// The same row in other words.
    EventClass withWords(String other) {
        return new EventClass(code, other, siaNew, siaRestore, group, pulse);
    }

    /// The class by which it is routed when it begins or ends.
    EventGroup routed(Qualifier qualifier) {
        return switch (group) {
            case "opening" -> EventGroup.SETTING;
            case "test" -> EventGroup.TEST;
            default -> qualifier == Qualifier.RESTORE ? EventGroup.RESTORE : begun();
        };
    }

    private EventGroup begun() {
        return switch (group) {
            case "hold-up" -> EventGroup.HOLD_UP;
            case "tamper" -> EventGroup.TAMPER;
            case "fault" -> EventGroup.FAULT;
            default -> EventGroup.ALARM;
        };
    }
}
