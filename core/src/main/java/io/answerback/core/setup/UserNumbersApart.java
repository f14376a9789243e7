package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.PanelProgramming;
import java.util.List;
import java.util.stream.Stream;

/// A user whom the panel and the communicator know by different numbers.
public final class UserNumbersApart implements JobCheck {
    /// The panel and the communicator know a user by different numbers.
    public static final Rule RULE = new Rule(
            "user-numbers-apart",
            Stop.SET_UP,
            Grade.TIGHT,
            "The panel and the communicator know a user by different numbers.",
            "The report names the number: the wrong person is rung up.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.setup().users().stream()
                .filter(user -> user.elsewhere()
                        .filter(number -> number != user.number())
                        .isPresent())
                .map(UserNumbersApart::finding);
    }

    private static Finding finding(PanelProgramming.User user) {
        return RULE.finds(
                        new Target.OfJob(),
                        Text.of(
                                "%s is user %02d here and %02d there",
                                user.title(), user.number(), user.elsewhere().orElseThrow()),
                        "The report names the number: the wrong person is rung up.",
                        "Give them one number in the panel and in the communicator.")
                .of(user.number());
    }
}
