package io.answerback.core.loop.radio;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Enrolment;
import java.util.List;
import java.util.stream.Stream;

/// A wireless point that the panel has enrolled under another zone than the plan has, as happens when devices
/// are enrolled in another order.
public final class SenderOutOfPlace implements PointCheck {
    /// The panel has enrolled a wireless point under another zone than planned.
    public static final Rule RULE = new Rule(
            "enrolled-out-of-place",
            Stop.BUS,
            Grade.WRONG,
            "The panel has enrolled a wireless point under another zone than planned.",
            "Its alarm comes under another name, type and area: people are sent to the wrong place.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(RadioState.SENDER, pointId).stream()
                .filter(Sender::outOfPlace)
                .map(SenderOutOfPlace::finding);
    }

    private static Finding finding(Sender sender) {
        int zone = sender.enrolment().map(Enrolment::zone).orElseThrow();
        return RULE.finds(
                new Target.OfPoint(sender.pointId()),
                Text.of(
                        "The panel has it as zone %02d, the plan as zone %02d",
                        zone, sender.input().zone()),
                "Its alarm comes under another name, type and area: people are sent to the wrong place.",
                "Delete it in the panel and enrol in the order of the zones, or let the plan take the panel's number.");
    }
}
