package io.answerback.core.engine.finding;

import io.answerback.core.engine.memo.Facts;
import java.util.stream.Stream;

/// Looks for something in a job as a whole.
public interface JobCheck extends Check {
    /// What its rules find; an empty stream when all is well. Pure: it reads the facts and nothing else.
    Stream<Finding> check(Facts facts);
}
