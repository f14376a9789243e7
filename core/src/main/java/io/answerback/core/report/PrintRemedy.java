package io.answerback.core.report;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.printout.Printer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/// A way to make a receiver print what is meant, which was tried on everything the job tells it.
///
/// @param words what is done, such as "send the events as letters"
/// @param edit does it
/// @param before signals that mislead today
/// @param after signals that mislead then
public record PrintRemedy(String words, Edit edit, int before, int after) {
    private static final int MOST = 3;

    /// The remedies that leave fewer misleading signals than there are, the best first, three at most.
    ///
    /// @param all all that the panel can send
    public static List<PrintRemedy> of(List<JobSignals.Sent> all, Receiver receiver, EventTable events) {
        ToldSignals told = ToldSignals.of(all, receiver.reception(), events);
        int before = told.misleading(receiver.reception(), events);
        if (before == 0) {
            return List.of();
        }
        List<PrintRemedy> found = new ArrayList<>();
        for (Candidate candidate : candidates(told, receiver, events)) {
            int after = told.misleading(candidate.change().apply(receiver.reception()), events);
            if (after < before) {
                Edit edit = ReceiverEdits.reception(receiver.id(), "format and digits", candidate.change());
                found.add(new PrintRemedy(candidate.words(), edit, before, after));
            }
        }
        return found.stream()
                .sorted(Comparator.comparingInt(PrintRemedy::after))
                .limit(MOST)
                .toList();
    }

    private record Candidate(String words, UnaryOperator<Reception> change) {}

    private static List<Candidate> candidates(ToldSignals told, Receiver receiver, EventTable events) {
        List<Candidate> candidates = new ArrayList<>();
        UnaryOperator<Reception> codes = its -> withWords(told, its, events);
        candidates.add(new Candidate("send the event digits this receiver has words for", codes));
        for (ReportFormat format : receiver.reception().abilities().formats()) {
            if (format != receiver.format()) {
                candidates.add(new Candidate("send " + format.words(), its -> its.withFormat(format)));
                if (format.shape().isPresent()) {
                    candidates.add(new Candidate(
                            "send " + format.words() + " with the event digits it has words for",
                            its -> codes.apply(its.withFormat(format))));
                }
                if (!receiver.reception().account().isEmpty()) {
                    candidates.add(new Candidate(
                            "send " + format.words() + " under the accounts of the areas",
                            its -> its.withFormat(format).withAccount("")));
                }
            }
        }
        return candidates;
    }

    /// The same with an event digit for each event under which the receiver prints what is meant; a letter
    /// first, where only letters are joined. An event for which there is none keeps its digit.
    private static Reception withWords(ToldSignals told, Reception reception, EventTable events) {
        Map<String, String> codes = new TreeMap<>(reception.codes());
        Printer printer = new Printer(reception, events, new LetterTable(events, List.of()));
        for (Signal signal : told.alike().keySet()) {
            String event = (signal.qualifier() == Qualifier.RESTORE ? "3" : "") + signal.event();
            digit(reception, printer.meaning(signal)).ifPresent(its -> codes.put(event, its));
        }
        return reception.withCodes(codes);
    }

    private static Optional<String> digit(Reception reception, String meaning) {
        return reception.abilities().words().entrySet().stream()
                .filter(word -> word.getValue().equals(meaning))
                .map(Map.Entry::getKey)
                .max(Comparator.comparing(
                                (String digit) -> reception.abilities().joins().joins(digit.charAt(0)))
                        .thenComparing(Comparator.reverseOrder()));
    }
}
