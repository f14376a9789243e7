package io.answerback.core.check;

import io.answerback.core.device.KindFamily;
import io.answerback.core.site.Job;
import io.answerback.core.wording.Terms;
import java.util.stream.Stream;

/// An area nobody can make watch.
final class AreaWithoutSetting implements JobRule {
    static final String RULE = "area-without-setting";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        Terms terms = Terms.of(job.practice());
        return job.areas().stream()
                .filter(area -> !canBeSet(job, area.number()))
                .map(area -> new Finding(
                        RULE + ":" + area.number(),
                        Stop.SURVEY,
                        Grade.WRONG,
                        "",
                        "area " + area.number(),
                        "Nobody can %s area %02d %s".formatted(terms.toSet(), area.number(), area.name()),
                        "No keypad works it and no key switch is in it.",
                        "Let a keypad work it, or add a key switch."));
    }

    private static boolean canBeSet(Job job, int area) {
        return job.modules().stream().anyMatch(module -> module.areas().contains(area))
                || job.points().stream()
                        .filter(point -> point.kind().family() == KindFamily.KEY_SWITCH)
                        .anyMatch(point ->
                                point.duty().area().filter(its -> its == area).isPresent());
    }
}
