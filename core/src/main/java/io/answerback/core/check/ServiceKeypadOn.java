package io.answerback.core.check;

import io.answerback.core.practice.Question;
import io.answerback.core.practice.School;
import java.util.stream.Stream;

/// A service keypad that still hangs on the bus.
final class ServiceKeypadOn implements JobRule {
    static final String RULE = "service-keypad-on";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        boolean learned = facts.job().practice().school(Question.SERVICE_KEYPAD) == School.ENROL_AND_DELETE;
        return facts.job().bus().service().stream()
                .map(address -> new Finding(
                        RULE,
                        Stop.BUS,
                        Grade.TIGHT,
                        "",
                        "",
                        "A service keypad hangs on the bus at address %d".formatted(address),
                        learned
                                ? "A restart or a scan of the panel learns it, and it is missed once you have left."
                                : "It is in the panel's temporary mode, which ends when you end it.",
                        learned
                                ? "Take it off before the panel restarts; what it has learned of it is deleted by hand."
                                : "End the temporary mode and take it off before you leave."));
    }
}
