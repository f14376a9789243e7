package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A visit to the site.
///
/// @param number which visit it is, counted from 1
/// @param kind what for
/// @param reason why, in words; may be empty
/// @param by who, as initials
/// @param begin when it began
/// @param end when it ended; empty while somebody is there
/// @param changes what was changed, in words, in its order
/// @param parts what was used
/// @param leftOut what was not done, and why
/// @param nextDue the day of the next visit, as agreed; empty for what the rules say
@RecordBuilder
public record Visit(
        int number,
        VisitKind kind,
        String reason,
        String by,
        Instant begin,
        Optional<Instant> end,
        List<String> changes,
        List<PartUsed> parts,
        List<LeftOut> leftOut,
        Optional<LocalDate> nextDue)
        implements VisitBuilder.With {
    private static final int MOST = 9999;

    /// @throws IllegalArgumentException when its number is out of bounds, nobody, no time or nothing is named it is
    ///     for, or it ends before it begins
    public Visit {
        Require.within(number, 1, MOST, "number of a visit");
        Require.given(kind, "what visit " + number + " is for");
        reason = reason == null ? "" : reason.strip();
        by = Require.text(by, "who was on visit " + number);
        Require.given(begin, "begin of visit " + number);
        end = end == null ? Optional.empty() : end;
        changes = List.copyOf(changes == null ? List.of() : changes);
        parts = List.copyOf(parts == null ? List.of() : parts);
        leftOut = List.copyOf(leftOut == null ? List.of() : leftOut);
        nextDue = nextDue == null ? Optional.empty() : nextDue;
        if (end.filter(begin::isAfter).isPresent()) {
            throw new IllegalArgumentException("visit " + number + " ends before it begins; give a later end");
        }
    }

    /// A visit that begins.
    public static Visit begun(int number, VisitKind kind, String reason, String by, Instant at) {
        return new Visit(
                number, kind, reason, by, at, Optional.empty(), List.of(), List.of(), List.of(), Optional.empty());
    }

    /// Whether somebody is there.
    public boolean open() {
        return end.isEmpty();
    }

    /// The same, ended.
    public Visit ended(Instant at, List<String> changed) {
        return new Visit(number, kind, reason, by, begin, Optional.of(at), changed, parts, leftOut, nextDue);
    }

    /// The same with one more part used.
    public Visit using(PartUsed part) {
        return new Visit(number, kind, reason, by, begin, end, changes, and(parts, part), leftOut, nextDue);
    }

    /// The same with one more thing left out.
    public Visit leaving(LeftOut out) {
        return new Visit(number, kind, reason, by, begin, end, changes, parts, and(leftOut, out), nextDue);
    }

    private static <T> List<T> and(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }
}
