package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Zones are left out after their first alarm, and a call for help, fire or gas is among them.
public final class VitalZoneShutsOff implements JobCheck {
    /// A zone that somebody's safety hangs on is left out after its first alarm.
    public static final Rule RULE = new Rule(
            "vital-zone-shuts-off",
            Stop.SET_UP,
            Grade.WRONG,
            "A hold-up, fire or gas zone is left out after its first alarm.",
            "The second call for help is not sent.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        boolean once = new Intent(facts).mostAlarms().filter(most -> most == 1).isPresent();
        if (!once) {
            return Stream.empty();
        }
        List<String> vital = facts.points().stream()
                .map(Point::id)
                .filter(id ->
                        facts.of(WiredPoint.FACT, id).filter(WiredPoint::vital).isPresent())
                .map(Object::toString)
                .toList();
        return vital.isEmpty()
                ? Stream.empty()
                : Stream.of(RULE.finds(
                                new Target.OfJob(),
                                "Hold-up, fire or gas zones are left out after one alarm",
                                Text.of(
                                        "Every zone is left out after its first alarm; %s must be heard every time.",
                                        vital.stream().collect(Collectors.joining(", "))),
                                "Allow more alarms before a zone is left out, or keep these zones from it where the panel can.")
                        .of(""));
    }
}
