package io.answerback.core.survey;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on the survey.
public final class SurveyChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new PointWithoutArea(),
            new EntranceNotDelayed(),
            new WatchesOnlyWhenSet(),
            new LifeSafetyPoint(),
            new AreaWithoutSetting(),
            new AreaWithoutWayIn(),
            new RouteWithoutEntrance(),
            new WindowGlassUnwatched());

    private SurveyChecklist() {}
}
