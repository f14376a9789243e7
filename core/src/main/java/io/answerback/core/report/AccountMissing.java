package io.answerback.core.report;

import io.answerback.core.chain.PointFacts;
import io.answerback.core.chain.PointResult;
import io.answerback.core.common.Text;
import io.answerback.core.finding.Begun;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.id.PointId;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.memo.Facts;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Zone;
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
                        new Target.OfArea(area.number(), firstPointIn(area.number(), facts.of(PointFacts.ALL))),
                        Text.of("Area %02d %s has no account", area.number(), area.name()),
                        "The station could not tell whose alarm it is, so the panel sends none.",
                        "Ask the station for the account and give it to the area."));
    }

    private static Optional<PointId> firstPointIn(int area, List<PointResult> points) {
        return points.stream()
                .filter(point -> point.wired()
                        .flatMap(WiredPoint::zone)
                        .flatMap(Zone::area)
                        .filter(its -> its == area)
                        .isPresent())
                .map(PointResult::pointId)
                .findFirst();
    }
}
