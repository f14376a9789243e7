package io.answerback.core.survey.takeover;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on wiring that is taken over.
public final class TakeOverChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new SeriesHidesContacts(), new FoundUnlikePlanned());

    private TakeOverChecklist() {}
}
