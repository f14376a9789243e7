package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.Latch;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import java.util.List;
import java.util.stream.Stream;

/// A device that stays in alarm until it is reset, on a loop with others: while it does, none of them is seen.
/// Where somebody's safety hangs on the loop, that is wrong.
public final class LatchHidesOthers implements PointCheck {
    /// A device that stays in alarm until it is reset shares its loop.
    public static final Rule RULE = new Rule(
            "latch-hides-others",
            Stop.LOOP,
            Grade.WRONG,
            "A device that stays in alarm until it is reset shares its loop.",
            "Until it is reset, an alarm of the others on the loop is not seen.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> wired.point().kinds().size() > 1)
                .flatMap(wired -> wired.point().kinds().stream()
                        .filter(kind -> kind.latch().isPresent())
                        .findFirst()
                        .map(kind -> finding(wired, kind))
                        .stream());
    }

    private static Finding finding(WiredPoint wired, PointKind kind) {
        Latch latch = kind.latch().orElseThrow();
        return RULE.finds(
                wired.vital() ? Grade.WRONG : Grade.TIGHT,
                new Target.OfPoint(wired.point().id()),
                Text.of("A %s that stays in alarm shares its loop", kind.name()),
                Text.of(
                        "It is brought back %s. Until then the loop reads as in alarm, and the other %s on it cannot be seen.",
                        latch.words(), wired.point().kinds().size() == 2 ? "device" : "devices"),
                "Put it on an input of its own.");
    }
}
