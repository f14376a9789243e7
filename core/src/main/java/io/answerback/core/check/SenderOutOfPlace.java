package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.radio.Sender;
import io.answerback.core.site.Enrolment;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A wireless point that the panel has enrolled under another zone than the plan has, as happens when
/// devices are
/// enrolled in another order.
final class SenderOutOfPlace implements PointRule {
    static final String RULE = "enrolled-out-of-place";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .flatMap(wired -> wired.sender().stream())
                .filter(Sender::outOfPlace)
                .map(SenderOutOfPlace::finding);
    }

    private static Finding finding(Sender sender) {
        int zone = sender.enrolment().map(Enrolment::zone).orElseThrow();
        return Finding.of(
                RULE,
                Stop.BUS,
                Grade.WRONG,
                sender.pointId(),
                "The panel has it as zone %02d, the plan as zone %02d"
                        .formatted(zone, sender.input().zone()),
                "Its alarm comes under another name, type and area: people are sent to the wrong place.",
                "Delete it in the panel and enrol in the order of the zones, or let the plan take the panel's number.");
    }
}
