package io.answerback.core.report;

import io.answerback.core.edit.ReceiverEdits;
import io.answerback.core.event.EventTable;
import io.answerback.core.event.LetterTable;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.printout.Printer;
import io.answerback.core.receiver.Reception;
import io.answerback.core.receiver.ReportFormat;
import io.answerback.core.receiver.Told;
import io.answerback.core.site.Edit;
import io.answerback.core.site.Job;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Receiver;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// A way to make a receiver print what is meant, which was tried on everything the job tells it.
///
/// @param words what is done, such as "send the events as letters"
/// @param edit does it
/// @param before signals that mislead today
/// @param after signals that mislead then
public record PrintRemedy(String words, Edit edit, int before, int after) {
    private static final int MOST = 3;
    private static final int ZONE_WITHOUT_DIGIT = 16;

    /// The remedies that leave fewer misleading signals than there are, the best first, three at most.
    public static List<PrintRemedy> of(Parts job, Receiver receiver, EventTable events) {
        Map<Signal, Integer> told = told(job, receiver, events);
        int before = misleading(told, receiver.reception(), events);
        if (before == 0) {
            return List.of();
        }
        List<PrintRemedy> found = new ArrayList<>();
        for (Candidate candidate : candidates(job, receiver, events)) {
            int after = misleading(told, candidate.change().apply(receiver.reception()), events);
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

    /// How many of the signals mislead. What is printed rests on the account, the event and whether the zone
    /// has a digit, so signals that are alike in these are tried once.
    private static int misleading(Map<Signal, Integer> told, Reception reception, EventTable events) {
        Printer printer = new Printer(reception, events, new LetterTable(events, List.of()));
        return told.entrySet().stream()
                .filter(alike -> printer.of(alike.getKey()).misleads())
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    private static Map<Signal, Integer> told(Parts job, Receiver receiver, EventTable events) {
        Map<Signal, Integer> told = new LinkedHashMap<>();
        JobSignals.of(job).stream()
                .map(JobSignals.Sent::signal)
                .filter(signal -> receiver.reception().of(events.group(signal)) != Told.NEVER)
                .map(PrintRemedy::alike)
                .forEach(signal -> told.merge(signal, 1, Integer::sum));
        return told;
    }

    private static Signal alike(Signal signal) {
        return new Signal(
                signal.account(), signal.qualifier(), signal.event(), 0, Math.min(signal.zone(), ZONE_WITHOUT_DIGIT));
    }

    private static List<Candidate> candidates(Parts job, Receiver receiver, EventTable events) {
        List<Candidate> candidates = new ArrayList<>();
        UnaryOperator<Reception> codes = its -> withWords(job, its, events);
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
    static Reception withWords(Parts job, Reception reception, EventTable events) {
        Reception with = reception;
        Printer printer = new Printer(reception, events, new LetterTable(events, List.of()));
        for (JobSignals.Sent sent : JobSignals.of(job)) {
            Signal signal = sent.signal();
            String event = (signal.qualifier() == Qualifier.RESTORE ? "3" : "") + signal.event();
            Optional<String> digit = digit(reception, printer.meaning(signal));
            if (digit.isPresent()) {
                with = with.withCode(event, digit);
            }
        }
        return with;
    }

    private static Optional<String> digit(Reception reception, String meaning) {
        return reception.abilities().words().entrySet().stream()
                .filter(word -> word.getValue().equals(meaning))
                .map(Map.Entry::getKey)
                .max(Comparator.comparing(
                                (String digit) -> reception.abilities().joins().joins(digit.charAt(0)))
                        .thenComparing(Comparator.reverseOrder()));
    }

    /// Does it on a job.
    public Job on(Job job) {
        return edit.on(job);
    }
}
