package io.answerback.core.report;

import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.site.IpRoute;
import java.util.List;
import java.util.stream.Stream;

/// A route that takes longer than the rules allow until the last of its receivers has answered.
public final class AnswerTooLate implements JobCheck {
    /// The route takes longer than the rules allow until its last receiver has been tried.
    public static final Rule RULE = new Rule(
            "answer-too-late",
            Stop.REPORT,
            Grade.WRONG,
            "The route takes longer than the rules allow until its last receiver has been tried.",
            "The operator learns of an alarm later than the client was promised.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        IpRoute ip = facts.communicator().ip();
        int receivers = Routing.longestRun(facts);
        double seconds = ip.longestSeconds(receivers);
        double rule = facts.practice().figure(RuleFigure.ANSWER_SECONDS);
        return seconds > rule ? Stream.of(finding(ip, receivers, seconds, rule)) : Stream.empty();
    }

    private static Finding finding(IpRoute ip, int receivers, double seconds, double rule) {
        return RULE.finds(
                        new Target.OfCommunicator(),
                        Text.of("An answer may take %.0f s; the rule allows %.0f s", seconds, rule),
                        Text.of(
                                "%d %s of %.1f s at %d %s: that is the time until the last receiver has been tried for the last time.",
                                ip.attempts(),
                                ip.attempts() == 1 ? "try" : "tries",
                                ip.timeoutMillis() / 1000.0,
                                receivers,
                                receivers == 1 ? "receiver" : "receivers"),
                        "Wait less for each answer, or try less often before the next receiver.")
                .of("");
    }
}
