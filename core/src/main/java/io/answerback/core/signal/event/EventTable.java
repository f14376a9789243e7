package io.answerback.core.signal.event;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.receiver.EventGroup;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The events the formats have codes for. The rows are data; this only finds them.
public final class EventTable {
    /// The table that jobs are computed with.
    public static final Fact<EventTable> GIVEN = Fact.given("the event table");

    /// What a receiver should print when an area is set.
    public static final String CLOSED = "CLOSED";
    /// What a receiver should print when an alarm, a tamper or a fault has ended.
    public static final String RESTORED = "RESTORED";

    private final Map<String, EventClass> byCode = new LinkedHashMap<>();
    private final Set<String> meanings;
    private final Map<PracticeOption, EventTable> worded = new ConcurrentHashMap<>();

    /// A table of these rows.
    ///
    /// @throws IllegalArgumentException when two rows have the same code
    public EventTable(List<EventClass> rows) {
        this.meanings = Stream.concat(
                        Stream.of(CLOSED, RESTORED),
                        rows.stream().map(row -> row.pulse().word()))
                .collect(Collectors.toUnmodifiableSet());
        for (EventClass row : rows) {
            if (byCode.put(row.code(), row) != null) {
                throw new IllegalArgumentException("event " + row.code() + " is in the table twice; keep one");
            }
        }
    }

    /// The row with this code; empty when the table has none.
    public Optional<EventClass> find(String code) {
        return Optional.ofNullable(byCode.get(code));
    }

    /// The class by which a signal is routed; an event the table does not know is an alarm, so that it is not
    /// lost.
    public EventGroup group(Signal signal) {
        return group(signal.event(), signal.qualifier());
    }

    /// The same for an event code.
    public EventGroup group(String event, Qualifier qualifier) {
        return find(event)
                .map(row -> row.routed(qualifier))
                .orElse(qualifier == Qualifier.RESTORE ? EventGroup.RESTORE : EventGroup.ALARM);
    }

    /// What a code means, in plain words; "event" and the code when the table does not know it.
    public String words(String code) {
        return find(code).map(EventClass::words).orElse("event " + code);
    }

    /// What a signal means, in plain words: what its event is called when it begins or ends, such as "unset by
    /// user" and "set by user"; where it has no words of its own for its end, "burglary, restored".
    public String words(Signal signal) {
        return said(signal).orElseGet(() -> switch (signal.qualifier()) {
            case NEW -> words(signal.event());
            case RESTORE -> words(signal.event()) + ", restored";
            case STILL_PRESENT -> words(signal.event()) + ", still present";
        });
    }

    /// The words of their own that an event has for its beginning or its end; empty where it has none.
    public Optional<String> said(Signal signal) {
        return find(signal.event())
                .map(row -> switch (signal.qualifier()) {
                    case NEW -> row.said().begins();
                    case RESTORE -> row.said().ends();
                    case STILL_PRESENT -> "";
                })
                .filter(words -> !words.isEmpty());
    }

    /// What the number of an event is the number of; of an event that is not known, a zone.
    public Numbered numbered(String code) {
        return find(code).map(row -> row.said().numbered()).orElse(Numbered.ZONE);
    }

    /// The same table in the words of an option. The words of its rows may have places for them, such as
    /// "{toSet}".
    public EventTable in(Terms terms) {
        return worded.computeIfAbsent(
                terms.option(),
                option -> new EventTable(
                        rows().stream().map(row -> row.worded(terms::in)).toList()));
    }

    /// The words that receivers of pulses should print for these events and their ends. Another word, such as a
    /// firm's own, says nothing about whether it is the right one.
    public Set<String> meanings() {
        return meanings;
    }

    /// Every row, in the order of the data.
    public List<EventClass> rows() {
        return List.copyOf(byCode.values());
    }
}
