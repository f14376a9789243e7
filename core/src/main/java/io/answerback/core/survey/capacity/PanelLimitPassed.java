package io.answerback.core.survey.capacity;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.Parts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// More zones, areas, users, addresses or modules of a kind than the panel takes.
public final class PanelLimitPassed implements JobCheck {
    /// The job needs more of something than the panel takes.
    public static final Rule RULE = new Rule(
            "panel-limit",
            Stop.SURVEY,
            Grade.WRONG,
            "The job needs more of something than the panel takes.",
            "The panel cannot be programmed with what is beyond its limit.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    /// How many of each kind of module there are, against how many a panel takes.
    private static Stream<Count> modules(Parts job) {
        Map<ModuleKind, Long> fitted = job.modules().stream()
                .flatMap(module -> job.kindOf(module).stream())
                .collect(Collectors.groupingBy(kind -> kind, LinkedHashMap::new, Collectors.counting()));
        return fitted.entrySet().stream()
                .map(each -> new Count(
                        each.getKey().name(),
                        each.getValue().intValue(),
                        each.getKey().mostOf()));
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return Stream.concat(
                facts.of(Inventory.FACT).counts().stream()
                        .filter(Count::over)
                        .map(count -> finding(
                                job,
                                count,
                                count.of() == 0
                                        ? "This panel has no " + count.what()
                                        : Text.of(
                                                "%d %s; the panel takes %d", count.used(), count.what(), count.of()))),
                modules(job)
                        .filter(Count::over)
                        .map(count -> finding(
                                job,
                                count,
                                Text.of("%d × %s; the panel takes %d", count.used(), count.what(), count.of()))));
    }

    private static Finding finding(Parts job, Count count, String says) {
        return RULE.finds(
                        new Target.OfCount(count.what()),
                        says,
                        job.panel().profile().name() + " cannot be programmed with what is beyond its limit.",
                        "Do with fewer, or take a larger panel.")
                .of(count.what().replace(' ', '-'));
    }
}
