package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on what was shown.
public final class AcceptanceChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new LeftOnTest(), new FoundOnWalkStands());

    private AcceptanceChecklist() {}
}
