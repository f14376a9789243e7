package io.answerback.core.survey.takeover;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import java.util.List;
import java.util.stream.Stream;

/// Several contacts on one zone: the operator learns only that one of them opened.
public final class SeriesHidesContacts implements PointCheck {
    /// Several contacts share one zone.
    public static final Rule RULE = new Rule(
            "series-hides",
            Stop.SURVEY,
            Grade.TIGHT,
            "Several contacts share one zone.",
            "The operator learns only that one of them opened, and one bad contact takes all of them down.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .map(WiredPoint::point)
                .filter(its -> !its.inSeries().isEmpty())
                .map(its -> RULE.finds(
                        new Target.OfPoint(its.id()),
                        Text.of("%d contacts answer as one", its.inSeries().size()),
                        Text.of("The operator learns only \"%s\"; one bad contact takes all of them down.", its.name()),
                        its.inSeries().size() == 2
                                ? "Split them: it takes 1 more input."
                                : Text.of(
                                        "Split them: it takes %d more inputs.",
                                        its.inSeries().size() - 1)));
    }
}
