package io.answerback.core.survey;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.stream.Stream;

/// An area with points that wait for nobody: who makes it stand down passes them first.
public final class AreaWithoutWayIn implements JobCheck {
    /// An area has no point with an entry time.
    public static final Rule RULE = new Rule(
            "area-without-way-in",
            Stop.SURVEY,
            Grade.NOTE,
            "An area has no point with an entry time.",
            "Whoever opens a door of it before it is unset sets off the alarm.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        Terms terms = Terms.of(job.practice());
        return job.areas().stream()
                .filter(area -> in(job, area.number())
                        .anyMatch(point -> point.surveyed().type() == ZoneType.IMMEDIATE))
                .filter(area -> in(job, area.number())
                        .noneMatch(point -> point.surveyed().type() == ZoneType.ENTRY_EXIT))
                .map(area -> RULE.finds(
                        new Target.OfArea(area.number()),
                        Text.of("Area %02d %s has no way in of its own", area.number(), area.name()),
                        Text.of("Whoever opens a door of it before it is %s sets off the alarm.", terms.unset()),
                        Text.of(
                                "Fine where it is %s from elsewhere first; else make one door entry/exit.",
                                terms.unset())));
    }

    private static Stream<Point> in(Parts job, int area) {
        return job.points().stream()
                .filter(point ->
                        point.surveyed().area().filter(its -> its == area).isPresent());
    }
}
