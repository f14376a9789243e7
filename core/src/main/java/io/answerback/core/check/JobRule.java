package io.answerback.core.check;

import java.util.stream.Stream;

/// One thing that is looked for in the job as a whole.
interface JobRule {
    /// What this rule finds; an empty stream when all is well.
    ///
    /// @param facts the site, and everything computed about it as a whole
    Stream<Finding> check(JobFacts facts);
}
