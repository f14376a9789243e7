package io.answerback.core.check;

import io.answerback.core.capacity.Inventory;
import io.answerback.core.capacity.Way;
import io.answerback.core.site.Point;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// More points than inputs.
final class InputsShort implements JobRule {
    static final String RULE = "inputs-short";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Inventory inventory = facts.inventory();
        if (inventory.shortOf() == 0) {
            return Stream.empty();
        }
        List<Way> ways = facts.ways().ways();
        return Stream.of(new Finding(
                RULE,
                Stop.SURVEY,
                Grade.WRONG,
                "",
                "inputs",
                "%d more %s than inputs".formatted(inventory.shortOf(), inventory.shortOf() == 1 ? "point" : "points"),
                "No free input fits %s.".formatted(names(inventory.unplaced())),
                ways.isEmpty()
                        ? "No mix of modules this panel takes is enough: split the job or take a larger panel."
                        : "Cheapest: %s.".formatted(ways.getFirst().says())));
    }

    private static String names(List<Point> points) {
        String first = points.stream().limit(3).map(Point::name).collect(Collectors.joining(", "));
        return points.size() > 3 ? first + " and %d more".formatted(points.size() - 3) : first;
    }
}
