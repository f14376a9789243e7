package io.answerback.core.survey.capacity;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in what a panel has room for.
public final class CapacityChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(
            new InputsShort(), new PanelLimitPassed(), new ModuleUnfit(), new InputOfAnotherUse(), new RadioUnheard());

    private CapacityChecklist() {}
}
