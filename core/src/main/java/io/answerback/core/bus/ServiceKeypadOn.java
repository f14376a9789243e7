package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import java.util.List;
import java.util.stream.Stream;

/// A service keypad that is still on the bus.
public final class ServiceKeypadOn implements JobCheck {
    /// A service keypad is still on the bus.
    public static final Rule RULE = new Rule(
            "service-keypad-on",
            Stop.BUS,
            Grade.TIGHT,
            "A service keypad is still on the bus.",
            "The panel may learn it, and misses it once you have left.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        boolean learned = facts.practice().option(PracticeQuestion.SERVICE_KEYPAD) == PracticeOption.ENROL_AND_DELETE;
        return facts.bus().service().stream()
                .map(address -> RULE.finds(
                        new Target.OfJob(),
                        Text.of("A service keypad is on the bus at address %d", address),
                        learned
                                ? "A restart or a scan of the panel learns it, and it is missed once you have left."
                                : "It is in the panel's temporary mode, which ends when you end it.",
                        learned
                                ? "Take it off before the panel restarts; what it has learned of it is deleted by hand."
                                : "End the temporary mode and take it off before you leave."));
    }
}
