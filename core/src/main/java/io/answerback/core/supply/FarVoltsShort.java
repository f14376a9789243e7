package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A device or module that gets too few volts before the battery is empty: it works until the mains fails.
public final class FarVoltsShort implements JobCheck {
    /// A device gets too few volts at the end of discharge.
    public static final Rule RULE = new Rule(
            "volts-short",
            Stop.POWER,
            Grade.WRONG,
            "A device gets too few volts at the end of discharge.",
            "It works until the mains fails, and is dead for the rest of the standby time.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .map(SupplyState::volts)
                .flatMap(volts -> volts.stream().filter(device -> !device.ok()).map(device -> finding(facts, device)));
    }

    private static Target target(FedId part) {
        return switch (part) {
            case PointId point -> new Target.OfPoint(point);
            case ModuleId module -> new Target.OfBox(module);
        };
    }

    private static Finding finding(Parts job, DeviceVolts device) {
        Optional<Point> point = device.part() instanceof PointId id ? job.point(id) : Optional.empty();
        String drops = device.dropsOutHours()
                .map(value ->
                        Text.of(" It drops out after %.0f h without mains, counted as the battery's hours are.", value))
                .orElse(" It drops out in an alarm then.");
        return RULE.finds(
                target(device.part()),
                Text.of(
                        "%s is short of volts on battery",
                        point.map(Point::name).orElse(device.title())),
                device.collapsed()
                        ? "At the end of discharge no voltage is left for it: the cable cannot carry what is asked of it."
                        : Text.of(
                                "It gets %.2f V at the end of discharge and needs %.1f V.%s",
                                device.atEnd(), device.leastVolts(), drops),
                "Every way to raise its volts is tried on the job under Power, Volts: those that are enough come first.");
    }
}
