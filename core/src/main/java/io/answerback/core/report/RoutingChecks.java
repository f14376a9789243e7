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
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.PulseShape;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Routing;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/// Who is told what, where that leaves something out.
public final class RoutingChecks implements JobCheck {
    /// No receiver is told of a group of events.
    public static final Rule TOLD_NOBODY = new Rule(
            "group-told-nobody",
            Stop.REPORT,
            Grade.WRONG,
            "No receiver is told of a group of events.",
            "The operator never learns of them.");
    /// A receiver is told of alarms and not of their end.
    public static final Rule NO_RESTORE = new Rule(
            "restore-untold",
            Stop.REPORT,
            Grade.TIGHT,
            "A receiver is told of alarms and not of their end.",
            "It holds every alarm open.");
    /// A receiver is a backup and none before it is told.
    public static final Rule NO_PRIMARY = new Rule(
            "backup-without-primary",
            Stop.REPORT,
            Grade.WRONG,
            "A receiver is a backup and none before it is told.",
            "A backup is tried when the receiver before it is silent; here there is none, so it is never tried.");
    /// An account can be taken for the second round of an extended pulse report.
    public static final Rule LIKE_EXTENSION = new Rule(
            "account-like-extension",
            Stop.REPORT,
            Grade.WRONG,
            "An account can be taken for the second round of an extended pulse report.",
            "A receiver that takes them apart by the digits prints another site's event for this one.");

    @Override
    public List<Rule> rules() {
        return List.of(TOLD_NOBODY, NO_RESTORE, NO_PRIMARY, LIKE_EXTENSION);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        if (facts.routeReceivers().isEmpty()) {
            return Stream.empty();
        }
        List<Finding> found = new ArrayList<>();
        for (EventGroup group : EventGroup.values()) {
            nobody(facts, group, found);
            Routing.withoutPrimary(facts, group).stream()
                    .findFirst()
                    .ifPresent(receiver -> found.add(noPrimary(facts, receiver, group)));
        }
        facts.routeReceivers().forEach(receiver -> ofReceiver(facts, receiver, found));
        return found.stream();
    }

    /// The id of the finding that no receiver is told of a group of events.
    public static String toldNobody(EventGroup group) {
        return TOLD_NOBODY.id() + ":" + group.name();
    }

    private static String title(Facts facts, EventGroup group) {
        return Terms.of(facts.practice()).in(group.title());
    }

    private static void nobody(Facts facts, EventGroup group, List<Finding> found) {
        if (!Routing.of(facts, group).isEmpty()) {
            return;
        }
        boolean alarm = group == EventGroup.ALARM || group == EventGroup.HOLD_UP || group == EventGroup.TAMPER;
        Grade grade = !Begun.reporting(facts) ? Grade.NOTE : alarm ? Grade.WRONG : Grade.TIGHT;
        found.add(TOLD_NOBODY
                .finds(
                        grade,
                        new Target.OfCommunicator(),
                        Text.of("No receiver is told of: %s", title(facts, group)),
                        "The operator never learns of them.",
                        "Press the cell of a receiver under \"Who is told\".")
                .of(group.name()));
    }

    private static Finding noPrimary(Facts facts, Receiver receiver, EventGroup group) {
        return NO_PRIMARY
                .finds(
                        new Target.OfReceiver(receiver.id()),
                        Text.of("%s is a backup of nobody for: %s", receiver.name(), title(facts, group)),
                        "None before it is told, so it is never tried.",
                        "Tell it always, or tell a receiver before it.")
                .of(receiver.id() + ":" + group.name());
    }

    private static void ofReceiver(Facts facts, Receiver receiver, List<Finding> found) {
        if (receiver.reception().of(EventGroup.ALARM) == Told.ALWAYS
                && receiver.reception().of(EventGroup.RESTORE) == Told.NEVER) {
            found.add(NO_RESTORE.finds(
                    new Target.OfReceiver(receiver.id()),
                    receiver.name() + " hears no restore",
                    "It holds every alarm open.",
                    "Tell it of restores, or ask the station whether it wants them."));
        }
        Set<String> extensions = extensions(receiver);
        accounts(facts, receiver).stream()
                .filter(extensions::contains)
                .forEach(account -> found.add(LIKE_EXTENSION
                        .finds(
                                new Target.OfReceiver(receiver.id()),
                                Text.of("Account %s could be a second round at %s", account, receiver.name()),
                                Text.of(
                                        "An extended report of event %c sends %s in the places of the account.",
                                        account.charAt(0), account),
                                "Ask the station for another account, or send another format.")
                        .of(receiver.id() + ":" + account)));
    }

    private static Set<String> accounts(Facts facts, Receiver receiver) {
        Set<String> accounts = new TreeSet<>();
        if (receiver.reception().account().isEmpty()) {
            facts.areas().stream().map(Area::account).forEach(accounts::add);
        } else {
            accounts.add(receiver.reception().account());
        }
        return accounts;
    }

    /// What the second round of an extended report has in the places of the account: one digit again and again.
    private static Set<String> extensions(Receiver receiver) {
        Set<String> extensions = new TreeSet<>();
        receiver.format()
                .shape()
                .filter(PulseShape::extended)
                .ifPresent(shape -> "0123456789BCDEF"
                        .chars()
                        .mapToObj(digit -> String.valueOf((char) digit).repeat(shape.accountDigits()))
                        .forEach(extensions::add));
        return extensions;
    }
}
