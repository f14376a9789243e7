package io.answerback.core.assess;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.AreaWithoutSetting;
import io.answerback.core.survey.AreaWithoutWayIn;
import io.answerback.core.survey.EntranceNotDelayed;
import io.answerback.core.survey.LifeSafetyPoint;
import io.answerback.core.survey.PointWithoutArea;
import io.answerback.core.survey.RouteWithoutEntrance;
import io.answerback.core.survey.WatchesOnlyWhenSet;
import io.answerback.core.survey.WindowGlassUnwatched;
import io.answerback.core.survey.takeover.SeriesHidesContacts;
import java.util.List;
import java.util.function.Predicate;

/// A question that is easily forgotten at the survey, with what was found about it in this job.
///
/// @param asks the question, such as "Does every way in start an entry time?"
/// @param arises whether there is anything in the job that it is about
/// @param findings what speaks against it; empty when all is well, or when it does not arise
public record CoverageQuestion(String asks, boolean arises, List<Finding> findings) {
    /// @param about whether a job has anything the question is about
    private record Asked(Rule rule, String asks, Predicate<Parts> about) {}

    private static final List<Asked> ASKED = List.of(
            new Asked(
                    EntranceNotDelayed.RULE,
                    "Does every way in start an entry time?",
                    points(point -> point.surveyed().wayIn())),
            new Asked(
                    RouteWithoutEntrance.RULE,
                    "Does an entrance lead to every entry route?",
                    points(point -> point.surveyed().type() == ZoneType.ENTRY_ROUTE)),
            new Asked(
                    AreaWithoutSetting.RULE,
                    "Can somebody {toSet} every area?",
                    job -> !job.areas().isEmpty()),
            new Asked(
                    AreaWithoutWayIn.RULE,
                    "Can people get into every area to {toUnset} it?",
                    job -> !job.areas().isEmpty()),
            new Asked(
                    WindowGlassUnwatched.RULE,
                    "Does something hear the glass where windows have contacts?",
                    points(point -> point.has(kind -> kind.family() == KindFamily.WINDOW))),
            new Asked(
                    WatchesOnlyWhenSet.RULE,
                    "Are hold-up, fire, gas and technical points watched at all times?",
                    points(point -> point.has(kind -> kind.family().watchesAlways()))),
            new Asked(PointWithoutArea.RULE, "Is every point in an area?", points(point -> true)),
            new Asked(SeriesHidesContacts.RULE, "Does every contact answer for itself?", points(point -> true)),
            new Asked(LifeSafetyPoint.RULE, "Is nothing here work under another code?", points(point -> true)));

    private static Predicate<Parts> points(Predicate<Point> which) {
        return job -> job.points().stream().anyMatch(which);
    }

    public CoverageQuestion {
        findings = List.copyOf(findings);
    }

    /// Every question, with its answer from the findings of a job, in the words of its option.
    public static List<CoverageQuestion> of(Assessment assessment) {
        Terms terms = Terms.of(assessment.job().practice());
        return ASKED.stream()
                .map(asked -> new CoverageQuestion(
                        terms.in(asked.asks()),
                        asked.about().test(assessment.job()),
                        assessment.findings().stream()
                                .filter(finding -> finding.rule() == asked.rule())
                                .toList()))
                .toList();
    }
}
