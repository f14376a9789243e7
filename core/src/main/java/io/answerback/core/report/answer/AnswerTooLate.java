package io.answerback.core.report.answer;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.routing.Routing;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A communicator that takes longer than the rules allow until it has tried everything over IP and cellular:
/// the answer may come with the last try of the last receiver.
public final class AnswerTooLate implements JobCheck {
    /// It takes longer than the rules allow until the last receiver has been tried.
    public static final Rule RULE = new Rule(
            "answer-too-late",
            Stop.REPORT,
            Grade.WRONG,
            "The communicator takes longer than the rules allow until it has tried its last receiver.",
            "The operator learns of an alarm later than the client was promised.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        double seconds = longestMillis(facts) / 1000.0;
        double rule = facts.practice().figure(RuleFigure.ANSWER_SECONDS);
        return seconds > rule ? Stream.of(finding(facts, seconds, rule)) : Stream.empty();
    }

    /// The longest time over all groups of events until the last try over IP or cellular has ended. What a call
    /// takes is not known here, so lines are left out.
    private static long longestMillis(Facts facts) {
        Set<ReceiverId> all = facts.receivers().stream().map(Receiver::id).collect(Collectors.toSet());
        Scenario dead = new Scenario("all receivers dead", Set.of(), all);
        long longest = 0;
        for (EventGroup group : EventGroup.values()) {
            for (Routing.Destination destination : Routing.of(facts, group)) {
                List<Receiver> overIp = destination.receivers().stream()
                        .filter(receiver -> receiver.format().overIp())
                        .toList();
                Routing.Destination its = new Routing.Destination(overIp);
                longest = Math.max(
                        longest,
                        Timeline.of(facts.communicator(), its, dead, 0, receiver -> Optional.empty())
                                .endMillis());
            }
        }
        return longest;
    }

    private static Finding finding(Facts facts, double seconds, double rule) {
        String tries = facts.communicator().paths().stream()
                .filter(path -> path.kind().overIp())
                .map(AnswerTooLate::words)
                .collect(Collectors.joining("; "));
        return RULE.finds(
                        new Target.OfCommunicator(),
                        Text.of("An answer may take %.0f s; the rule allows %.0f s", seconds, rule),
                        Text.of(
                                "%s. That is the time until the last receiver has been tried for the last time.",
                                tries),
                        "Wait less for each answer, or try less often before the next receiver.")
                .of("");
    }

    private static String words(TransmissionPath path) {
        return Text.of(
                "%s: %d %s of %.1f s at each receiver",
                path.kind().words(),
                path.attempts(),
                path.attempts() == 1 ? "try" : "tries",
                path.timeoutMillis() / 1000.0);
    }
}
