package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.cores.CoreNeeds;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A cover contact that neither the loop nor a tamper ring watches.
final class CoverUnwatched implements PointRule {
    /// EN 50131-1 leaves it open whether covers are watched in grade 1 and asks for it from grade 2 on.
    private static Grade grade(Job job) {
        return job.practice().grade() > 1 ? Grade.WRONG : Grade.NOTE;
    }

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .map(PointResult.Wired::point)
                .filter(CoreNeeds::coverToWatch)
                .filter(its -> !CoreNeeds.ringMember(its, job.practice()))
                .map(its -> Finding.of(
                        "cover-unwatched",
                        Stop.CABLE,
                        grade(job),
                        its.id(),
                        "Its cover is watched by nothing",
                        "%s does not see it, and this job has no tamper ring."
                                .formatted(its.loop().scheme().capitalWithArticle()),
                        "Wire it as a double end-of-line, or join all covers in one ring."));
    }
}
