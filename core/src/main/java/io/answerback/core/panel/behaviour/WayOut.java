package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Point;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A walked way in, gone the other way: whether one gets out within the exit time and without an alarm. The last to
/// leave sets the area of the door; every other area is set already.
public final class WayOut implements JobCheck {
    /// A point on the way out alarms while somebody leaves.
    public static final Rule ALARMS = new Rule(
            "way-out-alarms",
            Stop.SET_UP,
            Grade.WRONG,
            "A point on the way out alarms while somebody leaves.",
            "The site alarms on every normal exit.");
    /// The way out takes longer than the exit time.
    public static final Rule SLOW = new Rule(
            "way-out-too-slow",
            Stop.SET_UP,
            Grade.WRONG,
            "The way out takes longer than the exit time.",
            "Whoever leaves is still inside when the area is set.");

    private static final double SECOND = 1000;

    @Override
    public List<Rule> rules() {
        return List.of(ALARMS, SLOW);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<EntryWalk> walks = facts.of(EntryWalk.ALL).stream()
                .filter(walk -> walk.unready().isEmpty())
                .toList();
        if (walks.isEmpty()) {
            return Stream.empty();
        }
        OperationRules rules = facts.of(OperationRules.FACT);
        return DistinctFindings.of(
                walks.stream().flatMap(walk -> Stream.concat(alarms(facts, rules, walk), slow(facts, rules, walk))));
    }

    private static Stream<Finding> alarms(Facts facts, OperationRules rules, EntryWalk walk) {
        Map<Integer, AreaMode> modes = rules.areas().keySet().stream()
                .collect(Collectors.toMap(area -> area, area -> area == walk.area() ? AreaMode.LEAVING : AreaMode.SET));
        OperationState leaving = OperationState.standing(rules, modes, false);
        ZoneWatch watch = new ZoneWatch(rules);
        return walk.passings().stream()
                .filter(passing -> !passing.type().watchesAlways() && !passing.alarms())
                .filter(passing -> facts.inputOf(passing.point().id())
                        .map(input -> rules.zones().get(input.zone()))
                        .map(zone -> watch.of(zone, leaving))
                        .filter(does -> does == ZoneEffect.ALARM || does == ZoneEffect.ENTRY)
                        .isPresent())
                .map(passing -> ALARMS.finds(
                        new Target.OfPoint(passing.point().id()),
                        "Whoever leaves by it sets off an alarm",
                        Text.of(
                                "It is passed on the way to %s, and its zone is %s in area %02d, which is set; area %02d is left.",
                                door(facts, walk), passing.type().words(), passing.area(), walk.area()),
                        "Make it an entry route of the area that is left: it waits while the exit time runs."));
    }

    private static Stream<Finding> slow(Facts facts, OperationRules rules, EntryWalk walk) {
        double exitSeconds = rules.areas().get(walk.area()).exitMillis() / SECOND;
        double seconds = walk.walk().seconds();
        return seconds <= exitSeconds
                ? Stream.empty()
                : Stream.of(SLOW.finds(
                        new Target.OfPoint(walk.walk().from()),
                        Text.of("The exit time is %.0f s too short", seconds - exitSeconds),
                        Text.of(
                                "From the code at %s to %s it takes %.0f s; area %02d gives %.0f s.",
                                facts.nameOf(walk.walk().keypad()),
                                door(facts, walk),
                                seconds,
                                walk.area(),
                                exitSeconds),
                        "Give more time under \"Set up\", or set from a keypad nearer to the door."));
    }

    private static String door(Facts facts, EntryWalk walk) {
        return facts.point(walk.walk().from()).map(Point::name).orElse("the door");
    }
}
