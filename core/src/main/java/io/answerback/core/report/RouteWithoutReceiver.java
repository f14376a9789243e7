package io.answerback.core.report;

import io.answerback.core.engine.finding.Begun;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Stream;

/// A communicator that was told no receiver.
public final class RouteWithoutReceiver implements JobCheck {
    /// The communicator has no receiver to send to.
    public static final Rule RULE = new Rule(
            "no-receiver",
            Stop.REPORT,
            Grade.WRONG,
            "The communicator has no receiver to send to.",
            "Every event ends at the communicator.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return job.routeReceivers().isEmpty()
                ? Stream.of(RULE.finds(
                                Begun.reporting(facts) ? Grade.WRONG : Grade.NOTE,
                                new Target.OfCommunicator(),
                                "No receiver is told of anything",
                                "Every event ends at the communicator.",
                                "Add the station's receiver, and say of which events it is told.")
                        .of("ip"))
                : Stream.empty();
    }
}
