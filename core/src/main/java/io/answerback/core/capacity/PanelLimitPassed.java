package io.answerback.core.capacity;

import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
import io.answerback.core.site.Parts;
import java.util.List;
import java.util.stream.Stream;

/// More zones, areas, users or addresses than the panel takes.
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

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return facts.of(Inventory.FACT).counts().stream()
                .filter(Count::over)
                .map(count -> RULE.finds(
                                new Target.OfCount(count.what()),
                                count.of() == 0
                                        ? "This panel has no " + count.what()
                                        : Text.of("%d %s; the panel takes %d", count.used(), count.what(), count.of()),
                                job.panel().profile().name() + " cannot be programmed with what is beyond its limit.",
                                "Do with fewer, or take a larger panel.")
                        .of(count.what().replace(' ', '-')));
    }
}
