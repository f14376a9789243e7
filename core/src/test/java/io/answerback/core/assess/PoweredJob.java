package io.answerback.core.assess;

import static io.answerback.core.testing.SmallBox.POWERED;
import static io.answerback.core.testing.SmallBox.SIX;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// A job with a supply, a sounder and a detector, and what is found of its power.
abstract class PoweredJob {
    static final SupplyUnit UNIT = SmallParts.supply(1000, 350, 7, 11.2, 10.5, PowerOrder.BATTERY_FIRST, 0);

    static Job job() {
        Job job = PointEdits.change(
                        "",
                        Set.of(new PointId("01"), new PointId("02"), new PointId("03")),
                        point -> point.withKind(POWERED))
                .on(SmallBox.job(SIX));
        PanelProfile profile = job.panel().profile();
        List<ModuleKind> kinds = profile.modules().stream()
                .map(kind -> kind.id().equals("board") ? kind.withSupply(UNIT) : kind)
                .toList();
        return job.withPanel(new Panel(
                "Panel",
                SmallParts.profile(
                        profile.id(), profile.name(), 5, 4700, 30, profile.schemes(), profile.capacity(), "", kinds)));
    }

    static Assessment assess(Job job) {
        return new Assessor(SmallJob.EVENTS).assess(job);
    }

    static Optional<Finding> found(Job job, String id) {
        return assess(job).findings().stream()
                .filter(finding -> finding.id().equals(id))
                .findFirst();
    }

    static Job after(Job job, Edit... edits) {
        Job next = job;
        for (Edit edit : edits) {
            next = edit.on(next);
        }
        return next;
    }

    static Edit battery(double ampHours) {
        return PowerEdits.battery(new Battery(new ModuleId("Panel"), ampHours, 1, 25, Optional.empty()));
    }

    static Edit measured(SupplyReading.Quantity what, double value, int day) {
        return PowerEdits.measured(
                new SupplyReading(new ModuleId("Panel"), what, value, Instant.EPOCH.plusSeconds(86_400L * day)));
    }
}
