package io.answerback.core.report;

import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.printout.Printer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// The signals that a receiver is told, those that are printed alike together: what is printed rests on the
/// account, the event and whether the zone has a digit, and not on the area.
///
/// @param alike for each sort the signals of it, in the order in which they are first met
record ToldSignals(Map<Signal, List<JobSignals.Sent>> alike) {
    private static final int ZONE_WITHOUT_DIGIT = 16;

    /// What a receiver is told of all that a panel can send, or would be told as a backup.
    static ToldSignals of(List<JobSignals.Sent> all, Reception reception, EventTable events) {
        Map<Signal, List<JobSignals.Sent>> alike = new LinkedHashMap<>();
        all.stream()
                .filter(sent -> reception.of(events.group(sent.signal())) != Told.NEVER)
                .forEach(sent -> alike.computeIfAbsent(sort(sent.signal()), any -> new ArrayList<>())
                        .add(sent));
        return new ToldSignals(alike);
    }

    private static Signal sort(Signal signal) {
        return new Signal(
                signal.account(), signal.qualifier(), signal.event(), 0, Math.min(signal.zone(), ZONE_WITHOUT_DIGIT));
    }

    /// How many of them would mislead if it were reported so.
    int misleading(Reception reception, EventTable events) {
        Printer printer = new Printer(reception, events, new LetterTable(events, List.of()));
        return alike.entrySet().stream()
                .filter(sort -> printer.of(sort.getKey()).misleads())
                .mapToInt(sort -> sort.getValue().size())
                .sum();
    }
}
