package io.answerback.core.report;

import io.answerback.core.engine.finding.Begun;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An area that reports under no account.
public final class AccountMissing implements JobCheck {
    /// An area whose events are reported has no account.
    public static final Rule RULE = new Rule(
            "account-missing",
            Stop.REPORT,
            Grade.WRONG,
            "An area whose events are reported has no account.",
            "The station cannot tell whose alarm it is, so the panel sends none.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return job.areas().stream()
                .filter(area -> area.account().isEmpty())
                .map(area -> RULE.finds(
                        Begun.reporting(facts) ? Grade.WRONG : Grade.NOTE,
                        new Target.OfArea(area.number(), firstPointIn(area.number(), job)),
                        Text.of("Area %02d %s has no account", area.number(), area.name()),
                        "The station could not tell whose alarm it is, so the panel sends none.",
                        "Ask the station for the account and give it to the area."));
    }

    private static Optional<PointId> firstPointIn(int area, Parts job) {
        return job.points().stream()
                .map(Point::id)
                .filter(id -> job.inputOf(id)
                        .flatMap(input -> job.zone(input.zone()))
                        .flatMap(Zone::area)
                        .filter(its -> its == area)
                        .isPresent())
                .findFirst();
    }
}
