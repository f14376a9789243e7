package io.answerback.core.work.duration;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on the hand-over date.
public final class DurationChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new HandOverLate());

    private DurationChecklist() {}
}
