package io.answerback.core.signal.event;

import io.answerback.core.model.receiver.EventGroup;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// One row of the event table.
///
/// @param code the DTMF event code, three digits (SIA DC-05)
/// @param words what it means, in plain words
/// @param siaNew the two letters for a new event (SIA DC-03)
/// @param siaRestore the two letters for its end (SIA DC-03); empty when it has none
/// @param group alarm, hold-up, tamper, fault, opening or test
/// @param pulse what pulse formats send of it
/// @param said what it is called when it begins and when it ends, and what its number is
public record EventClass(
        String code, String words, String siaNew, String siaRestore, String group, PulseDigits pulse, Said said) {
    /// What an event is called, and what its number is.
    ///
    /// @param begins when it begins, such as "unset by user"; empty where that is what it means at all
    /// @param ends when it ends, such as "set by user"; empty where it is simply restored
    /// @param numbered what its number is the number of
    public record Said(String begins, String ends, Numbered numbered) {
        /// An event of a zone that is simply restored.
        public static final Said OF_ZONE = new Said("", "", Numbered.ZONE);
    }

    /// An event of a zone that is simply restored.
    public EventClass(String code, String words, String siaNew, String siaRestore, String group, PulseDigits pulse) {
        this(code, words, siaNew, siaRestore, group, pulse, Said.OF_ZONE);
    }

    /// What pulse formats send of an event.
    ///
    /// @param digit the digit of the event by default, one of 1-9 and B-F
    /// @param restore the digit of its end; empty when there is none
    /// @param word what a receiver should print for the event, such as "ALARM"
    public record PulseDigits(char digit, Optional<Character> restore, String word) {}

    /// The same row with every text changed.
    EventClass worded(UnaryOperator<String> change) {
        return new EventClass(
                code,
                change.apply(words),
                siaNew,
                siaRestore,
                group,
                pulse,
                new Said(change.apply(said.begins()), change.apply(said.ends()), said.numbered()));
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
