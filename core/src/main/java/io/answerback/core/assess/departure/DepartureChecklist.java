package io.answerback.core.assess.departure;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in departures from the firm's rules.
public final class DepartureChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new DepartureWithoutReason());

    private DepartureChecklist() {}
}
