package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import io.answerback.core.site.Zone;
import java.util.List;
import java.util.stream.Stream;

/// An area that reports under no account.
final class AccountMissing implements JobRule {
    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return job.areas().stream()
                .filter(area -> area.account().isEmpty())
                .map(area -> new Finding(
                        "account-missing:" + area.number(),
                        Stop.REPORT,
                        Grade.WRONG,
                        firstPointIn(area.number(), facts.points()),
                        "area " + area.number(),
                        "Area %02d %s has no account".formatted(area.number(), area.name()),
                        "The station could not tell whose alarm it is, so the panel sends none.",
                        "Ask the station for the account and give it to the area."));
    }

    private static String firstPointIn(int area, List<PointResult> points) {
        return points.stream()
                .filter(point -> point.wired()
                        .flatMap(PointResult.Wired::zone)
                        .flatMap(Zone::area)
                        .filter(its -> its == area)
                        .isPresent())
                .map(PointResult::pointId)
                .findFirst()
                .orElse("");
    }
}
