package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in what the panel does.
public final class BehaviourChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new WayInTooSlow(), new WayOut(), new UnwantedStates());

    private BehaviourChecklist() {}
}
