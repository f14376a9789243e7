package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on cables.
public final class CablingChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new CableUnlabelled(),
            new CableUnfitForItsPlace(),
            new ContactGivenSupply(),
            new JointRefused(),
            new CableFaultSeen(),
            new CableUndecided(),
            new ScreenEarthing(),
            new AerialInMetal(),
            new ModuleWithoutCable(),
            new UnusedInputUnterminated());

    private CablingChecklist() {}
}
