package io.answerback.core.assess.departure;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on departures from the firm's rules.
public final class DepartureChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new DepartureWithoutReason());

    private DepartureChecklist() {}
}
