package io.answerback.core.engine.finding;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.id.PointId;
import java.util.stream.Stream;

/// Looks for something in every point of a job. What it finds is kept for each point as long as what it has
/// read of that point holds.
public interface PointCheck extends Check {
    /// What its rules find in one point; an empty stream when all is well. Pure: it reads the facts and nothing
    /// else.
    ///
    /// @param pointId a zone point or a system point
    Stream<Finding> check(Facts facts, PointId pointId);
}
