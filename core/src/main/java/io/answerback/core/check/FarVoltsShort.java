package io.answerback.core.check;

import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.SupplyState;
import java.util.Optional;
import java.util.stream.Stream;

/// A device or module that gets too few volts before the battery is empty: it works until the mains fails.
final class FarVoltsShort implements JobRule {
    static final String RULE = "volts-short";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.supplies().states().stream()
                .map(SupplyState::volts)
                .flatMap(volts ->
                        volts.stream().filter(device -> !device.ok()).map(device -> finding(facts.job(), device)));
    }

    private static Finding finding(Job job, DeviceVolts device) {
        Optional<Point> point = job.point(device.part());
        String drops = device.dropsOutHours()
                .map(" It drops out after %.0f h without mains, counted as the battery's hours are."::formatted)
                .orElse(" It drops out in an alarm then.");
        return new Finding(
                RULE + ":" + device.part(),
                Stop.POWER,
                Grade.WRONG,
                point.map(Point::id).orElse(""),
                device.part(),
                "%s is short of volts on battery"
                        .formatted(point.map(Point::name).orElse(device.title())),
                device.collapsed()
                        ? "At the end of discharge no voltage is left for it: the cable cannot carry what is asked of it."
                        : "It gets %.2f V at the end of discharge and needs %.1f V.%s"
                                .formatted(device.atEnd(), device.leastVolts(), drops),
                "Double its supply pair, take a thicker cable, or feed it from a supply nearer to it.");
    }
}
