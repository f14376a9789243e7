package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.stream.Stream;

/// The account is on test at the station. Nobody is sent while it is, so that it must not be forgotten.
public final class LeftOnTest implements JobCheck {
    /// The account is on test.
    public static final Rule RULE = new Rule(
            "on-test",
            Stop.PROVE,
            Grade.WRONG,
            "The account is on test at the station.",
            "Nobody is sent while it is: it comes off test before anybody leaves.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.acceptance().onTest().stream()
                .map(onTest -> RULE.finds(
                                new Target.OfJob(),
                                "The account is on test",
                                Text.of(
                                        "%s was told%s. No alarm sends anybody while it is.",
                                        onTest.told(),
                                        onTest.reference().isEmpty() ? "" : ", reference " + onTest.reference()),
                                "Ring the station, have it taken off test, and say so under \"Plan\".")
                        .of(""));
    }
}
