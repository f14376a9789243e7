package io.answerback.core.check;

import io.answerback.core.practice.RuleFigure;
import io.answerback.core.site.IpRoute;
import java.util.stream.Stream;

/// A route that takes longer than the rules allow until the last of its receivers has answered.
final class AnswerTooLate implements JobRule {
    static final String RULE = "answer-too-late";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        IpRoute ip = facts.job().communicator().ip();
        double seconds = ip.longestSeconds();
        double rule = facts.job().practice().figure(RuleFigure.ANSWER_SECONDS);
        return seconds > rule ? Stream.of(finding(facts, ip, seconds, rule)) : Stream.empty();
    }

    private static Finding finding(JobFacts facts, IpRoute ip, double seconds, double rule) {
        int receivers = ip.receiverIds().size();
        return new Finding(
                RULE,
                Stop.REPORT,
                Grade.WRONG,
                "",
                facts.job().communicator().name(),
                "An answer may take %.0f s; the rule allows %.0f s".formatted(seconds, rule),
                "%d %s of %.1f s at %d %s: that is the time until the last receiver has been tried for the last time."
                        .formatted(
                                ip.attempts(),
                                ip.attempts() == 1 ? "try" : "tries",
                                ip.timeoutMillis() / 1000.0,
                                receivers,
                                receivers == 1 ? "receiver" : "receivers"),
                "Wait less for each answer, or try less often before the next receiver.");
    }
}
