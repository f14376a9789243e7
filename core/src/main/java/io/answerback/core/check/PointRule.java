package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// One thing that is looked for in every point. What it finds may rest on nothing but the point's own result
/// and on the parts of the job every result rests on, so that findings are kept as long as the result is.
interface PointRule {
    /// What this rule finds in one point; an empty stream when all is well.
    Stream<Finding> check(Job job, PointResult point);
}
