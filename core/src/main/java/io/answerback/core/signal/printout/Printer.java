package io.answerback.core.signal.printout;

import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.PulseShape;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.EventClass;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.BadFrame;
import io.answerback.core.signal.format.ContactId;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.format.PulseRounds;
import io.answerback.core.signal.printout.Printout.Kind;
import io.answerback.core.signal.printout.Printout.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What one receiver prints for what a panel sends to it.
///
/// @param reception the receiver, and how the job reports to it
/// @param events the event table
/// @param letters the letters of the events
public record Printer(Reception reception, EventTable events, LetterTable letters) {
    /// What it prints for a signal.
    public Printout of(Signal given) {
        ReportFormat format = reception.format();
        if (!reception.abilities().takes(format)) {
            return Printout.nothing(Kind.NOT_TAKEN, "the receiver does not take " + format.words());
        }
        Signal signal = under(given);
        if (!format.takesAccountOf(signal.account().length())) {
            return Printout.nothing(
                    Kind.CANNOT_SEND,
                    "account " + signal.account() + " has " + signal.account().length() + " digits; " + format.words()
                            + " takes " + format.accountDigits() + ". Give the receiver an account of its own");
        }
        try {
            return format.shape().isPresent() ? pulses(signal, format) : whole(signal, format);
        } catch (IllegalArgumentException cannot) {
            return Printout.nothing(Kind.CANNOT_SEND, cannot.getMessage());
        }
    }

    /// The signal under the account that this receiver is given.
    public Signal under(Signal given) {
        return reception.account().isEmpty() ? given : given.withAccount(reception.account());
    }

    private Printout whole(Signal signal, ReportFormat format) {
        if (format == ReportFormat.TONES) {
            ContactId.encode(signal);
        }
        boolean inLetters = format == ReportFormat.IP_LETTERS || format == ReportFormat.BLOCKS;
        Optional<String> code = inLetters ? letters.of(signal) : Optional.of(signal.event());
        if (code.isEmpty()) {
            return Printout.nothing(Kind.NEVER_HEARD, "event " + signal.event() + " has no letters for this");
        }
        String words = code.get() + "  " + events.words(signal);
        String where = PrintedLine.where(signal, events);
        return new Printout(
                List.of(new PrintedLine(signal.account(), words, where, false)),
                List.of(ReadSignal.of(signal)),
                List.of());
    }

    /// The event digit of a signal in this job; empty where there is none for it.
    public Optional<Character> eventDigit(Signal signal) {
        boolean restore = signal.qualifier() == Qualifier.RESTORE;
        Optional<Character> decided = reception.code(restore ? "3" + signal.event() : signal.event());
        return decided.or(() -> events.find(signal.event())
                .map(EventClass::pulse)
                .flatMap(pulse -> restore ? pulse.restore() : Optional.of(pulse.digit())));
    }

    private Printout pulses(Signal signal, ReportFormat format) {
        Optional<Character> digit = eventDigit(signal);
        if (digit.isEmpty()) {
            return Printout.nothing(
                    Kind.NEVER_HEARD,
                    signal.qualifier() == Qualifier.RESTORE
                            ? "no digit for this restore: the receiver never hears it, and holds the alarm open"
                            : "no digit for event " + signal.event() + ": the receiver never hears it");
        }
        PulseShape shape = format.shape().orElseThrow();
        try {
            List<String> rounds = PulseRounds.accepted(
                    PulseReport.of(signal, format, digit.get()).text(), format);
            Printout printed = new PulsePrinter(reception.abilities(), shape).print(rounds);
            return judged(printed, signal, shape);
        } catch (BadFrame refused) {
            return Printout.nothing(Kind.CANNOT_SEND, refused.getMessage());
        }
    }

    private Printout judged(Printout printed, Signal signal, PulseShape shape) {
        List<Problem> problems = new ArrayList<>(printed.problems());
        String means = meaning(signal);
        char digit = eventDigit(signal).orElseThrow();
        reception
                .abilities()
                .word(digit)
                .filter(word -> !word.equals(means) && events.meanings().contains(word))
                .ifPresent(word -> problems.add(
                        new Problem(Kind.OTHER_WORD, "it prints " + word + " for " + events.words(signal.event()))));
        if (!shape.tellsZone() && signal.zone() != 0) {
            problems.add(new Problem(Kind.ZONE_UNTOLD, "the format does not tell the zone"));
        }
        if (shape.tellsZone() && !shape.extended() && signal.zone() == 0) {
            problems.add(
                    new Problem(
                            Kind.NO_ZONE_AS_TEN,
                            "the event has no zone, and pulses cannot leave its digit out: ten pulses are sent, as for zone 10"));
        }
        return new Printout(printed.lines(), printed.signals(), problems);
    }

    /// The word a receiver should print for a signal.
    public String meaning(Signal signal) {
        if (signal.qualifier() == Qualifier.RESTORE) {
            return events.group(signal) == EventGroup.SETTING ? EventTable.CLOSED : EventTable.RESTORED;
        }
        return events.find(signal.event()).map(row -> row.pulse().word()).orElse("");
    }
}
