package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in what was shown.
public final class AcceptanceChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new LeftOnTest(), new FoundOnWalkStands());

    private AcceptanceChecklist() {}
}
