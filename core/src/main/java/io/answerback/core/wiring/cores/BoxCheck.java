package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Check;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.memo.Facts;
import java.util.stream.Stream;

/// Looks for something in every module and joint box that cables come to. What it finds is kept for each as long
/// as what it has read of that holds.
public interface BoxCheck extends Check {
    /// What its rules find at one box; an empty stream when all is well. Pure: it reads the facts and nothing
    /// else.
    Stream<Finding> check(Facts facts, BoxPlan box);
}
