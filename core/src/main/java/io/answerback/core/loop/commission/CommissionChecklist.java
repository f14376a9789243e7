package io.answerback.core.loop.commission;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on loops as measured.
public final class CommissionChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new ReadingOffPrediction(), new LoopDrifted());

    private CommissionChecklist() {}
}
