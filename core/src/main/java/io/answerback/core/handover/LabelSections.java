package io.answerback.core.handover;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.paper.Table;
import java.util.ArrayList;
import java.util.List;

/// Labels for batteries and lids: when a battery was fitted and is due, whom to ring, and what is
/// inside.
record LabelSections(Job job) {
    /// The id of the section.
    static final String ID = "labels";

    private static final String GAP = "____________";

    List<PackSection> sections() {
        List<List<String>> rows = new ArrayList<>();
        String ring = (job.site().drawings().firm().isEmpty()
                        ? GAP
                        : job.site().drawings().firm()) + ", " + GAP;
        boolean gaps = false;
        for (Battery battery : job.power().batteries()) {
            gaps |= battery.fittedOn().isEmpty();
            rows.add(List.of(
                    "On the battery of " + job.nameOf(battery.module()),
                    Text.of("12 V %.1f Ah", battery.ratedAmpHours()),
                    "fitted " + battery.fittedOn().map(Object::toString).orElse(GAP),
                    "replace by "
                            + battery.fittedOn()
                                    .map(day ->
                                            Battery.dueOn(day, job.practice()).toString())
                                    .orElse(GAP),
                    "ring " + ring));
        }
        for (PanelModule module : job.modules()) {
            boolean supply = job.kindOf(module).map(ModuleKind::suppliesItself).orElse(false);
            if (supply) {
                rows.add(List.of(
                        "On the lid of " + module.name(),
                        "Mains voltage inside",
                        "opened by licensed persons only",
                        "whoever lifts it sets off a tamper alarm",
                        "ring " + ring));
            }
        }
        return List.of(PackSection.of(
                ID,
                rows.isEmpty() ? Mark.NOT_DONE : gaps ? Mark.TIGHT : Mark.SOUND,
                Text.counted(rows.size(), "label") + " for batteries and lids",
                new Table(
                        job.site().name() + ": labels for batteries and lids, to be cut out",
                        List.of("Where", "", "", "", ""),
                        List.of(1.6, 1.4, 1.6, 1.8, 1.8),
                        rows,
                        List.of())));
    }
}
