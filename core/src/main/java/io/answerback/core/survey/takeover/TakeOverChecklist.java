package io.answerback.core.survey.takeover;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in wiring that is taken over.
public final class TakeOverChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new SeriesHidesContacts(), new FoundUnlikePlanned());

    private TakeOverChecklist() {}
}
