package io.answerback.core.engine.finding;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import java.util.stream.Stream;

/// Looks for something in every cable of a job. What it finds is kept for each cable as long as what it has read
/// of that cable holds.
public interface CableCheck extends Check {
    /// What its rules find in one cable; an empty stream when all is well. Pure: it reads the facts and nothing
    /// else.
    Stream<Finding> check(Facts facts, Cable cable);
}
