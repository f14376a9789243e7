package io.answerback.core.loop;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on loops.
public final class LoopChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new LoopStateUnsafe(),
            new LoopStateTight(),
            new LoopNotComputed(),
            new ContactUnlikeScheme(),
            new FaultLooksNormal(),
            new FaultReadsActive(),
            new LatchHidesOthers(),
            new SupplyLossUnseen(),
            new PointWithoutInput());

    private LoopChecklist() {}
}
