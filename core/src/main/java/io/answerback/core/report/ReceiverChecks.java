package io.answerback.core.report;

import io.answerback.core.common.Text;
import io.answerback.core.event.EventTable;
import io.answerback.core.finding.Begun;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
import io.answerback.core.printout.Printout;
import io.answerback.core.printout.Printout.Problem;
import io.answerback.core.receiver.Told;
import io.answerback.core.report.ReceiverPrintouts.Row;
import io.answerback.core.site.Receiver;
import io.answerback.core.wording.Terms;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/// A receiver that prints something else than is meant, or never hears it.
public final class ReceiverChecks implements JobCheck {
    /// A receiver prints a second account, another word or nothing for an event it is told.
    public static final Rule MISPRINTS = new Rule(
            "receiver-misprints",
            Stop.REPORT,
            Grade.WRONG,
            "A receiver prints a second account, another word or nothing for an event it is told.",
            "The operator reads something that did not happen, or nothing at all.");
    /// It is not known where a receiver that is told something is reached.
    public static final Rule NO_ADDRESS = new Rule(
            "receiver-without-address",
            Stop.REPORT,
            Grade.WRONG,
            "It is not known where a receiver that is told something is reached.",
            "Nothing can be sent to it.");

    @Override
    public List<Rule> rules() {
        return List.of(MISPRINTS, NO_ADDRESS);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        EventTable events = facts.of(EventTable.GIVEN).in(Terms.of(facts.practice()));
        return facts.routeReceivers().stream()
                .flatMap(receiver -> Stream.concat(unreached(receiver), misprints(facts, receiver, events)));
    }

    /// A receiver that has just been added has no address yet; one whose line is half written is being typed.
    private static Stream<Finding> unreached(Receiver receiver) {
        if (receiver.reachable()) {
            return Stream.empty();
        }
        String lacks = receiver.format().overIp() ? "address and port" : "number to dial";
        return Stream.of(NO_ADDRESS.finds(
                Grade.NOTE,
                new Target.OfReceiver(receiver.id()),
                receiver.name() + " has no " + lacks + " yet",
                "Nothing can be sent to it.",
                "Ask the station for them and give them to the receiver."));
    }

    private static Stream<Finding> misprints(Facts facts, Receiver receiver, EventTable events) {
        Map<Printout.Kind, Row> first = new EnumMap<>(Printout.Kind.class);
        Map<Printout.Kind, Integer> count = new EnumMap<>(Printout.Kind.class);
        for (Row row : ReceiverPrintouts.of(facts, receiver, events).misleading()) {
            for (Problem problem : row.printout().problems()) {
                first.putIfAbsent(problem.kind(), row);
                count.merge(problem.kind(), 1, Integer::sum);
            }
        }
        first.remove(Printout.Kind.ZONE_UNTOLD);
        return first.entrySet().stream()
                .map(entry -> misprint(facts, receiver, events, entry.getKey(), entry.getValue(), count));
    }

    private static Finding misprint(
            Facts facts,
            Receiver receiver,
            EventTable events,
            Printout.Kind kind,
            Row row,
            Map<Printout.Kind, Integer> count) {
        String says = row.printout().problems().stream()
                .filter(problem -> problem.kind() == kind)
                .map(Problem::says)
                .findFirst()
                .orElse("");
        List<PrintRemedy> remedies = PrintRemedy.of(facts, receiver, events);
        boolean onlyBackup = receiver.reception().told().values().stream().noneMatch(Told.ALWAYS::equals);
        Grade grade = !Begun.reporting(facts) ? Grade.NOTE : onlyBackup ? Grade.TIGHT : Grade.WRONG;
        Finding finding = MISPRINTS
                .finds(
                        grade,
                        new Target.OfReceiver(receiver.id()),
                        Text.of("%s %s %d of its signals", receiver.name(), headline(kind), count.get(kind)),
                        Text.of("%s: %s.", row.sent().of(), says),
                        remedies.isEmpty()
                                ? "Take another format or account, or do not tell it of these events."
                                : "Tried: " + remedies.getFirst().words() + "; then "
                                        + remedies.getFirst().after() + " mislead.")
                .of(receiver.id() + ":" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        return remedies.isEmpty()
                ? finding
                : finding.mendedBy(remedies.getFirst().edit());
    }

    private static String headline(Printout.Kind kind) {
        return switch (kind) {
            case NOT_TAKEN -> "does not take the format of";
            case CANNOT_SEND -> "cannot be told of";
            case NEVER_HEARD -> "never hears";
            case NO_WORD -> "has no word for";
            case OTHER_WORD -> "prints another word for";
            case FALSE_ACCOUNT -> "prints two accounts for";
            case ZONE_UNTOLD -> "is not told the zone of";
        };
    }
}
