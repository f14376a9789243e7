package io.answerback.core.check;

import io.answerback.core.capacity.Count;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// More zones, areas, users or addresses than the panel takes.
final class PanelLimitPassed implements JobRule {
    static final String RULE = "panel-limit";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return facts.inventory().counts().stream()
                .filter(Count::over)
                .map(count -> new Finding(
                        RULE + ":" + count.what().replace(' ', '-'),
                        Stop.SURVEY,
                        Grade.WRONG,
                        "",
                        count.what(),
                        count.of() == 0
                                ? "This panel has no " + count.what()
                                : "%d %s; the panel takes %d".formatted(count.used(), count.what(), count.of()),
                        job.panel().profile().name() + " cannot be programmed with what is beyond its limit.",
                        "Do with fewer, or take a larger panel."));
    }
}
