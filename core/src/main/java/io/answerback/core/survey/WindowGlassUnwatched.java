package io.answerback.core.survey;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.SeriesContact;
import java.util.List;
import java.util.stream.Stream;

/// A window contact in an area where nothing hears its glass break.
public final class WindowGlassUnwatched implements JobCheck {
    /// Nothing hears the glass of a window break.
    public static final Rule RULE = new Rule(
            "window-glass",
            Stop.SURVEY,
            Grade.TIGHT,
            "Nothing hears the glass of a window break.",
            "A contact sees only the frame open; broken glass leaves it shut.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return job.areas().stream()
                .filter(area -> !named(job, area.number(), KindFamily.WINDOW).isEmpty())
                .filter(area -> named(job, area.number(), KindFamily.GLASS).isEmpty()
                        && named(job, area.number(), KindFamily.VIBRATION).isEmpty())
                .map(area -> RULE.finds(
                        new Target.OfArea(area.number()),
                        Text.of("Nothing hears the glass in area %02d %s", area.number(), area.name()),
                        Text.of(
                                "A contact only sees the frame open; broken glass leaves it shut: %s.",
                                String.join(", ", named(job, area.number(), KindFamily.WINDOW))),
                        "Add a glass-break or vibration point, or rely on movement inside and say so to the client."));
    }

    private static List<String> named(Parts job, int area, KindFamily family) {
        return job.points().stream()
                .filter(point ->
                        point.surveyed().area().filter(its -> its == area).isPresent())
                .flatMap(point -> point.inSeries().isEmpty()
                        ? Stream.of(new SeriesContact(point.name(), point.kind()))
                        : point.inSeries().stream())
                .filter(contact -> contact.kind().family() == family)
                .map(SeriesContact::name)
                .toList();
    }
}
