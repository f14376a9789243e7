package io.answerback.core.loop.commission;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in loops as they were measured.
public final class CommissionChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new ReadingOffPrediction(), new LoopDrifted());

    private CommissionChecklist() {}
}
