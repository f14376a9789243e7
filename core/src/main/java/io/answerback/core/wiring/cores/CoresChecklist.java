package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on cores and boxes.
public final class CoresChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new CoverUnwatched(),
            new CoreTerminatedElsewhere(),
            new PairSplit(),
            new CoresShort(),
            new CoreWithoutTerminal(),
            new OutsideTamperRing(),
            new BoxWithoutTerminals(),
            new PoweredWithoutSupply(),
            new LoopCarriedTwice(),
            new JointBoxAdrift());

    private CoresChecklist() {}
}
