package io.answerback.core.signal.event;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The letters of SIA DC-03, from events and back.
public final class LetterTable {
    private final EventTable events;
    private final Map<String, LetterCode> byLetters = new LinkedHashMap<>();

    /// The letters of an event table, and more that have no row of their own there. Where several events have
    /// the same letters, they are read as the first.
    public LetterTable(EventTable events, List<LetterCode> more) {
        this.events = events;
        for (EventClass row : events.rows()) {
            add(row.siaNew(), row, Qualifier.NEW);
            add(row.siaRestore(), row, Qualifier.RESTORE);
        }
        more.forEach(code -> byLetters.putIfAbsent(code.letters(), code));
    }

    private void add(String letters, EventClass row, Qualifier qualifier) {
        if (!letters.isEmpty()) {
            byLetters.putIfAbsent(letters, new LetterCode(letters, row.words(), Optional.of(row.code()), qualifier));
        }
    }

    /// The letters of a signal; empty when its event has none, or none for its end.
    public Optional<String> of(Signal signal) {
        return events.find(signal.event())
                .map(row -> signal.qualifier() == Qualifier.RESTORE ? row.siaRestore() : row.siaNew())
                .filter(letters -> !letters.isEmpty());
    }

    /// What two letters stand for; empty when the table does not know them.
    public Optional<LetterCode> find(String letters) {
        return Optional.ofNullable(byLetters.get(letters));
    }
}
