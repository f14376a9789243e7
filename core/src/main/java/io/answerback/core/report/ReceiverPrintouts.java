package io.answerback.core.report;

import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.printout.Printer;
import io.answerback.core.signal.printout.Printout;
import java.util.List;

/// What a receiver prints for everything it is told.
///
/// @param receiver which
/// @param rows a row a signal
public record ReceiverPrintouts(Receiver receiver, List<Row> rows) {
    /// One signal and what is printed for it.
    public record Row(JobSignals.Sent sent, Printout printout) {}

    public ReceiverPrintouts {
        rows = List.copyOf(rows);
    }

    /// What is printed for everything that a receiver is told, or would be told as a backup.
    ///
    /// @param all all that the panel can send
    public static ReceiverPrintouts of(List<JobSignals.Sent> all, Receiver receiver, EventTable events) {
        Printer printer = new Printer(receiver.reception(), events, new LetterTable(events, List.of()));
        return new ReceiverPrintouts(
                receiver,
                all.stream()
                        .filter(sent -> receiver.reception().of(events.group(sent.signal())) != Told.NEVER)
                        .map(sent -> new Row(sent, printer.of(sent.signal())))
                        .toList());
    }

    /// The rows that would mislead an operator or never reach one.
    public List<Row> misleading() {
        return rows.stream().filter(row -> row.printout().misleads()).toList();
    }
}
