package io.answerback.desktop.prove;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.Act;
import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.report.message.SignalWords;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;
import io.answerback.desktop.live.PanelLine;
import io.answerback.desktop.part.Group;
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

    /// A line of a practice panel, with what became of a signal.
    Part line(PanelLine line) {
        return line.reception()
                .<Part>map(reception -> Group.column(
                        line(line.logged()), Words.wrapped(Words.of(style(reception.state()), reception.words()))))
                .orElseGet(() -> line(line.logged()));
    }

    private static String style(PanelLine.State state) {
        return switch (state) {
            case ANSWERED -> "panel-answered";
            case SENDING, SENT_FROM_CHAIN -> "quiet";
            case WAITS, LOST -> "printed-problem";
        };
    }

    Part line(Logged line) {
        String says = switch (line.act()) {
            case Act.Sends sends -> "sends " + says(sends.signal()) + late(line);
            case Act.Waits waits -> "no path works, waits: " + says(waits.signal());
            case Act.Unsent _, Act.Sounds _, Act.Switches _, Act.Shows _, Act.Refused _, Act.Beeps _, Act.Nothing _ ->
                line.words();
        };
        return Words.wrapped(Words.of(
                line.signal().isPresent() ? "panel-sent" : "quiet", CaseWords.time(line.atMillis()) + "  " + says));
    }

    /// What a signal says, in a few words.
    String of(Signal signal) {
        return SignalWords.of(signal, events);
    }

    private String says(Signal signal) {
        String of = events.numbered(signal.event()).words(signal.zone());
        return "%s, area %s%s".formatted(of(signal), signal.areaDigits(), of.isEmpty() ? "" : ", " + of);
    }

    private static String late(Logged line) {
        return line.lateMillis() == 0 ? "" : ", %d s late".formatted(line.lateMillis() / 1000);
    }
}
