package io.answerback.core.report;

import io.answerback.core.engine.finding.Begun;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.printout.Printer;
import io.answerback.core.signal.printout.Printout;
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
        List<JobSignals.Sent> all = facts.of(JobSignals.ALL);
        Printer printer = new Printer(receiver.reception(), events, new LetterTable(events, List.of()));
        Map<Printout.Kind, Misprint> misprints = new EnumMap<>(Printout.Kind.class);
        ToldSignals.of(all, receiver.reception(), events)
                .alike()
                .forEach((sort, signals) -> printer.of(sort)
                        .problems()
                        .forEach(problem -> misprints
                                .computeIfAbsent(
                                        problem.kind(), any -> new Misprint(signals.getFirst(), problem.says()))
                                .add(signals.size())));
        misprints.remove(Printout.Kind.ZONE_UNTOLD);
        if (all.stream().noneMatch(sent -> sent.signal().zone() == PulseReport.TEN)) {
            misprints.remove(Printout.Kind.NO_ZONE_AS_TEN);
        }
        if (misprints.isEmpty()) {
            return Stream.empty();
        }
        List<PrintRemedy> remedies = PrintRemedy.of(all, receiver, events);
        return misprints.entrySet().stream()
                .map(entry -> finding(grade(facts, receiver), receiver, entry.getKey(), entry.getValue(), remedies));
    }

    /// One kind of misprint: the first signal it was found at, what is wrong there, and at how many it is
    /// found.
    private static final class Misprint {
        private final JobSignals.Sent first;
        private final String says;
        private int count;

        Misprint(JobSignals.Sent first, String says) {
            this.first = first;
            this.says = says;
        }

        void add(int more) {
            count += more;
        }
    }

    private static Grade grade(Facts facts, Receiver receiver) {
        if (!Begun.reporting(facts)) {
            return Grade.NOTE;
        }
        return receiver.reception().told().containsValue(Told.ALWAYS) ? Grade.WRONG : Grade.TIGHT;
    }

    private static Finding finding(
            Grade grade, Receiver receiver, Printout.Kind kind, Misprint misprint, List<PrintRemedy> remedies) {
        Finding finding = MISPRINTS
                .finds(
                        grade,
                        new Target.OfReceiver(receiver.id()),
                        Text.of("%s %s %d of its signals", receiver.name(), headline(kind), misprint.count),
                        Text.of("%s: %s.", misprint.first.of(), misprint.says),
                        remedies.isEmpty()
                                ? "Take another format or account, or do not tell it of these events."
                                : Text.of(
                                        "Tried: %s; then %d mislead.",
                                        remedies.getFirst().words(),
                                        remedies.getFirst().after()))
                .of(receiver.id() + ":" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        // a remedy that leaves some signals misleading may leave these
        boolean mends = !remedies.isEmpty() && remedies.getFirst().after() == 0;
        return mends ? finding.mendedBy(remedies.getFirst().edit()) : finding;
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
            case NO_ZONE_AS_TEN -> "prints zone 10, a zone of this site, for";
        };
    }
}
