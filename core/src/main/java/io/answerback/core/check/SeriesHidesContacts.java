package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// Several contacts on one zone: the operator learns only that one of them opened.
final class SeriesHidesContacts implements PointRule {
    static final String RULE = "series-hides";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .map(PointResult.Wired::point)
                .filter(its -> !its.inSeries().isEmpty())
                .map(its -> Finding.of(
                        RULE,
                        Stop.SURVEY,
                        Grade.TIGHT,
                        its.id(),
                        "%d contacts answer as one".formatted(its.inSeries().size()),
                        "The operator learns only \"%s\"; one bad contact takes all of them down."
                                .formatted(its.name()),
                        its.inSeries().size() == 2
                                ? "Split them: it takes 1 more input."
                                : "Split them: it takes %d more inputs."
                                        .formatted(its.inSeries().size() - 1)));
    }
}
