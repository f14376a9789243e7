package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on what the panel does.
public final class BehaviourChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new WayInTooSlow(), new WayOut(), new UnwantedStates());

    private BehaviourChecklist() {}
}
