package io.answerback.core.check;

import io.answerback.core.device.KindFamily;
import io.answerback.core.site.Job;
import io.answerback.core.site.SeriesContact;
import java.util.List;
import java.util.stream.Stream;

/// A window contact in an area where nothing hears its glass break.
final class WindowGlassUnwatched implements JobRule {
    static final String RULE = "window-glass";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return job.areas().stream()
                .filter(area -> !named(job, area.number(), KindFamily.WINDOW).isEmpty())
                .filter(area -> named(job, area.number(), KindFamily.GLASS).isEmpty()
                        && named(job, area.number(), KindFamily.VIBRATION).isEmpty())
                .map(area -> new Finding(
                        RULE + ":" + area.number(),
                        Stop.SURVEY,
                        Grade.TIGHT,
                        "",
                        "area " + area.number(),
                        "Nothing hears the glass in area %02d %s".formatted(area.number(), area.name()),
                        "A contact only sees the frame open; broken glass leaves it shut: %s."
                                .formatted(String.join(", ", named(job, area.number(), KindFamily.WINDOW))),
                        "Add a glass-break or vibration point, or rely on movement inside and say so to the client."));
    }

    private static List<String> named(Job job, int area, KindFamily family) {
        return job.points().stream()
                .filter(point -> point.duty().area().filter(its -> its == area).isPresent())
                .flatMap(point -> point.inSeries().isEmpty()
                        ? Stream.of(new SeriesContact(point.name(), point.kind()))
                        : point.inSeries().stream())
                .filter(contact -> contact.kind().family() == family)
                .map(SeriesContact::name)
                .toList();
    }
}
