package io.answerback.core.survey.capacity;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.SupplyWatch;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.SupplyFault;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.NewPoint;
import io.answerback.core.survey.PointDraft;
import io.answerback.core.survey.PointNumbers;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Edits that bring the fault outputs of a supply that stands elsewhere to inputs of the panel.
public final class SupplyWatchEdits {
    private SupplyWatchEdits() {}

    /// A new point for a fault output, on a free input where there is one; its zone is technical.
    ///
    /// @param kind the kind of point a volt-free contact of equipment is
    /// @param conductor the conductor cables are of unless somebody says otherwise
    /// @param metres the cable from the supply to the input, in metres; empty where none is planned yet
    public static Edit watch(
            ModuleId module, SupplyFault fault, PointKind kind, Conductor conductor, Optional<Double> metres) {
        return new Edit("watch", module, job -> {
            PointId id = new PointId(PointNumbers.next(job));
            Optional<PointDraft.Place> area =
                    job.areas().stream().map(SupplyWatchEdits::place).findFirst();
            PointDraft line = new PointDraft(
                    id,
                    Text.of("%s, %s", job.nameOf(module), fault.words()),
                    Optional.of(kind),
                    Optional.of(ZoneType.TECHNICAL),
                    area,
                    metres,
                    false,
                    Set.of(),
                    List.of());
            return watching(NewPoint.add(line, conductor).on(job), new SupplyWatch(module, fault, id));
        });
    }

    private static PointDraft.Place place(Area area) {
        return new PointDraft.Place(area.number(), area.name(), false);
    }

    private static Job watching(Job job, SupplyWatch watch) {
        Optional<InputId> input = Optional.ofNullable(Inventory.of(job).placed().get(watch.pointId()))
                .map(Input::id);
        Job wired =
                input.isPresent() ? CapacityEdits.wire(watch.pointId(), input).on(job) : job;
        return wired.withPower(wired.power().with(watch));
    }

    /// A point that is there already tells of a fault, or none does.
    ///
    /// @param pointId the point; empty for none
    public static Edit watchedBy(ModuleId module, SupplyFault fault, Optional<PointId> pointId) {
        return new Edit(
                "watch",
                module,
                job -> job.withPower(pointId.map(id -> job.power().with(new SupplyWatch(module, fault, id)))
                        .orElseGet(() -> job.power().withoutWatch(module, fault))));
    }
}
