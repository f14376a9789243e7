package io.answerback.core.check;

import io.answerback.core.site.Setup;
import java.util.stream.Stream;

/// A user whom the panel and the communicator know by different numbers.
final class UserNumbersApart implements JobRule {
    static final String RULE = "user-numbers-apart";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().setup().users().stream()
                .filter(user -> user.elsewhere()
                        .filter(number -> number != user.number())
                        .isPresent())
                .map(UserNumbersApart::finding);
    }

    private static Finding finding(Setup.User user) {
        return new Finding(
                RULE + ":" + user.number(),
                Stop.SET_UP,
                Grade.TIGHT,
                "",
                "",
                "%s is user %02d here and %02d there"
                        .formatted(user.title(), user.number(), user.elsewhere().orElseThrow()),
                "The report names the number: the wrong person is rung up.",
                "Give them one number in the panel and in the communicator.");
    }
}
