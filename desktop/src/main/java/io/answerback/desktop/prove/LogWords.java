package io.answerback.desktop.prove;

import io.answerback.core.event.EventTable;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.operation.CaseWords;
import io.answerback.core.operation.Logged;
import io.answerback.core.site.Job;
import io.answerback.core.wording.Terms;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;

/// The log of a panel in words.
///
/// @param events the words of events, as the firm says them
/// @param terms the firm's words for set and unset
record LogWords(EventTable events, Terms terms) {
    static LogWords of(EventTable events, Job job) {
        Terms terms = Terms.of(job.practice());
        return new LogWords(events.in(terms), terms);
    }

    Part line(Logged line) {
        String says = line.signal().map(this::sends).orElseGet(line::words);
        return Words.wrapped(Words.of(
                line.signal().isPresent() ? "panel-sent" : "quiet", CaseWords.time(line.atMillis()) + "  " + says));
    }

    private String sends(Signal signal) {
        boolean restore = signal.qualifier() == Qualifier.RESTORE;
        boolean setting = signal.event().startsWith("4");
        String either = terms.toSet() + " or " + terms.toUnset();
        String what = events.words(signal.event()).replace(either, restore ? terms.set() : terms.unset());
        return "sends %s%s, area %s, %s %s"
                .formatted(
                        restore && !setting ? "end of " : "",
                        what,
                        signal.areaDigits(),
                        setting ? "user" : "zone",
                        signal.zoneDigits());
    }
}
