package io.answerback.core.assess;

import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Rule;
import io.answerback.core.survey.AreaWithoutSetting;
import io.answerback.core.survey.AreaWithoutWayIn;
import io.answerback.core.survey.EntranceNotDelayed;
import io.answerback.core.survey.LifeSafetyPoint;
import io.answerback.core.survey.PointWithoutArea;
import io.answerback.core.survey.RouteWithoutEntrance;
import io.answerback.core.survey.WatchesOnlyWhenSet;
import io.answerback.core.survey.WindowGlassUnwatched;
import io.answerback.core.takeover.SeriesHidesContacts;
import io.answerback.core.wording.Terms;
import java.util.List;

/// A question that is easily forgotten at the survey, with what was found about it in this job.
///
/// @param asks the question, such as "Does every way in start an entry time?"
/// @param findings what speaks against it; empty when all is well
public record CoverageQuestion(String asks, List<Finding> findings) {
    private record Asked(Rule rule, String asks) {}

    private static final List<Asked> ASKED = List.of(
            new Asked(EntranceNotDelayed.RULE, "Does every way in start an entry time?"),
            new Asked(RouteWithoutEntrance.RULE, "Does an entrance lead to every entry route?"),
            new Asked(AreaWithoutSetting.RULE, "Can somebody {toSet} every area?"),
            new Asked(AreaWithoutWayIn.RULE, "Can people get into every area to {toUnset} it?"),
            new Asked(WindowGlassUnwatched.RULE, "Does something hear the glass where windows have contacts?"),
            new Asked(WatchesOnlyWhenSet.RULE, "Are hold-up, fire, gas and technical points watched at all times?"),
            new Asked(PointWithoutArea.RULE, "Is every point in an area?"),
            new Asked(SeriesHidesContacts.RULE, "Does every contact answer for itself?"),
            new Asked(LifeSafetyPoint.RULE, "Is nothing here work under another code?"));

    public CoverageQuestion {
        findings = List.copyOf(findings);
    }

    /// Every question, with its answer from the findings of a job.
    ///
    /// @param terms the words of the job's option
    public static List<CoverageQuestion> of(List<Finding> findings, Terms terms) {
        return ASKED.stream()
                .map(asked -> new CoverageQuestion(
                        terms.in(asked.asks()),
                        findings.stream()
                                .filter(finding -> finding.rule() == asked.rule())
                                .toList()))
                .toList();
    }
}
