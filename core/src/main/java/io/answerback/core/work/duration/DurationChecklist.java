package io.answerback.core.work.duration;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in the day of handing over.
public final class DurationChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new HandOverLate());

    private DurationChecklist() {}
}
