package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import java.util.List;
import java.util.stream.Stream;

/// One thing that is looked for in the job as a whole.
interface JobRule {
    /// What this rule finds; an empty stream when all is well.
    ///
    /// @param job the site
    /// @param points everything computed about its points
    Stream<Finding> check(Job job, List<PointResult> points);
}
