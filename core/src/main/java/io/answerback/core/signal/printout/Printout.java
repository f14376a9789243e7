package io.answerback.core.signal.printout;

import java.util.List;
import java.util.Set;

/// What a receiver makes of one report.
///
/// @param lines what it prints
/// @param signals what it read
/// @param problems what is wrong with it, in plain words
public record Printout(List<PrintedLine> lines, List<ReadSignal> signals, List<Problem> problems) {
    /// Kinds of problem.
    public enum Kind {
        /// The receiver does not take the format.
        NOT_TAKEN,
        /// The format cannot carry the account, the zone or the event.
        CANNOT_SEND,
        /// The event has no digit, or no letters, in this format: the receiver never hears it.
        NEVER_HEARD,
        /// The receiver has no word for the digit.
        NO_WORD,
        /// The receiver prints another word than the event means.
        OTHER_WORD,
        /// The receiver prints a second account that is nobody's.
        FALSE_ACCOUNT,
        /// The format does not tell which zone it was.
        ZONE_UNTOLD,
        /// The event has no zone, and the format cannot leave its place empty: zone ten is printed.
        NO_ZONE_AS_TEN
    }

    private static final Set<Kind> OF_THE_FORMAT = Set.of(Kind.ZONE_UNTOLD, Kind.NO_ZONE_AS_TEN);

    /// One problem.
    public record Problem(Kind kind, String says) {}

    public Printout {
        lines = List.copyOf(lines);
        signals = List.copyOf(signals);
        problems = List.copyOf(problems);
    }

    /// A report that does not reach the receiver, or not as a report.
    static Printout nothing(Kind kind, String says) {
        return new Printout(List.of(), List.of(), List.of(new Problem(kind, says)));
    }

    /// Whether something of it would mislead an operator or never reach one. A zone that the format does not
    /// tell, or a ten in the place of one, does not: the operator's list says so before.
    public boolean misleads() {
        return problems.stream().anyMatch(problem -> !OF_THE_FORMAT.contains(problem.kind()));
    }

    /// Whether it has a problem of a kind.
    public boolean has(Kind kind) {
        return problems.stream().anyMatch(problem -> problem.kind() == kind);
    }
}
