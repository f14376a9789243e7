package io.answerback.core.report.message;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.people.Person;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The mail server of a communicator, where people are told by mail.
public final class MailChecks implements JobCheck {
    /// No mail can be sent by the server as it was decided.
    public static final Rule CANNOT = new Rule(
            "mail-cannot-be-sent",
            Stop.REPORT,
            Grade.WRONG,
            "No mail can be sent by the mail server as it was decided.",
            "People wait for a mail that never comes.");
    /// Mails can be sent, but not as they should.
    public static final Rule POOR = new Rule(
            "mail-unprotected",
            Stop.REPORT,
            Grade.TIGHT,
            "The connection to the mail server is not protected as it should be.",
            "The password can be read on the way, or the server refuses.");
    /// People are told by mail, and the mail server is not known.
    public static final Rule UNKNOWN = new Rule(
            "mail-server-unknown",
            Stop.REPORT,
            Grade.WRONG,
            "People are told by mail, and the mail server is not known.",
            "No mail leaves the site.");

    @Override
    public List<Rule> rules() {
        return List.of(CANNOT, POOR, UNKNOWN);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        boolean byMail = facts.communicator().people().stream().anyMatch(Person::toldByMail);
        Optional<MailPlan> plan = facts.communicator().mail();
        if (!byMail) {
            return Stream.empty();
        }
        if (plan.isEmpty()) {
            return Stream.of(UNKNOWN.finds(
                            new Target.OfCommunicator(),
                            "The mail server is not known",
                            "People are told by mail, and no server is named that takes the mails.",
                            "Write it under \"Messages\".")
                    .of(""));
        }
        return MailCheck.of(plan.get()).stream()
                .map(problem -> (problem.stops() ? CANNOT : POOR)
                        .finds(new Target.OfCommunicator(), problem.says(), why(problem), problem.remedy())
                        .of(problem.field().name()));
    }

    private static String why(MailProblem problem) {
        return problem.stops()
                ? "As it is, no mail leaves, and people wait for one."
                : "The password can be read on the way, or the server refuses.";
    }
}
