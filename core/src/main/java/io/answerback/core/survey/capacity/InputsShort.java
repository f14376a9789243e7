package io.answerback.core.survey.capacity;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// More points than inputs.
public final class InputsShort implements JobCheck {
    /// There are more points than inputs that fit them.
    public static final Rule RULE = new Rule(
            "inputs-short",
            Stop.SURVEY,
            Grade.WRONG,
            "There are more points than inputs that fit them.",
            "A point without an input is watched by nobody.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Inventory inventory = facts.of(Inventory.FACT);
        if (inventory.shortOf() == 0) {
            return Stream.empty();
        }
        List<CapacityOption> ways = facts.of(CapacityOptions.FACT).ways();
        return Stream.of(RULE.finds(
                        new Target.OfCount("inputs"),
                        Text.of(
                                "%d more %s than inputs",
                                inventory.shortOf(), inventory.shortOf() == 1 ? "point" : "points"),
                        Text.of("No free input fits %s.", names(inventory.unplaced())),
                        ways.isEmpty()
                                ? "No mix of modules this panel takes is enough: split the job or take a larger panel."
                                : Text.of("Cheapest: %s.", ways.getFirst().says()))
                .of(""));
    }

    private static String names(List<Point> points) {
        String first = points.stream().limit(3).map(Point::name).collect(Collectors.joining(", "));
        return points.size() > 3 ? first + Text.of(" and %d more", points.size() - 3) : first;
    }
}
