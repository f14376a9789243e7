package io.answerback.core.survey.capacity;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on what the panel has room for.
public final class CapacityChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new InputsShort(), new PanelLimitPassed(), new ModuleUnfit(), new InputOfAnotherUse(), new RadioUnheard());

    private CapacityChecklist() {}
}
