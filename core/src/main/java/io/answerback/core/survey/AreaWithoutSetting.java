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
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Stream;

/// An area nobody can make watch.
public final class AreaWithoutSetting implements JobCheck {
    /// Nobody can set an area: it has neither a keypad nor a key switch.
    public static final Rule RULE = new Rule(
            "area-without-setting",
            Stop.SURVEY,
            Grade.WRONG,
            "Nobody can set an area: it has neither a keypad nor a key switch.",
            "An area that is never set never alarms.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        Terms terms = Terms.of(job.practice());
        return job.areas().stream()
                .filter(area -> !canBeSet(job, area.number()))
                .map(area -> RULE.finds(
                        new Target.OfArea(area.number()),
                        Text.of("Nobody can %s area %02d %s", terms.toSet(), area.number(), area.name()),
                        "No keypad works it and no key switch is in it.",
                        "Let a keypad work it, or add a key switch."));
    }

    private static boolean canBeSet(Parts job, int area) {
        return job.modules().stream().anyMatch(module -> module.areas().contains(area))
                || job.points().stream()
                        .filter(point -> point.has(kind -> kind.family() == KindFamily.KEY_SWITCH))
                        .anyMatch(point -> point.surveyed()
                                .area()
                                .filter(its -> its == area)
                                .isPresent());
    }
}
