package io.answerback.core.panel;

import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.panel.operation.Timer;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/// What a panel remembers while single points are tried. Never changes; each step makes another.
///
/// @param operation how it stands: its areas, what its zones read, and what runs
/// @param failed system points that have failed
/// @param bus what hangs on its bus and what it hears by radio
public record PanelState(OperationState operation, Set<SystemPoint> failed, BusMemory bus) {
    public PanelState {
        failed = Set.copyOf(failed);
    }

    /// A panel with every area of `job` unset and everything at rest.
    public static PanelState unset(Parts job) {
        return standing(job, AreaMode.UNSET);
    }

    /// A panel with every area of `job` set and everything at rest.
    public static PanelState allSet(Parts job) {
        return standing(job, AreaMode.SET);
    }

    private static PanelState standing(Parts job, AreaMode mode) {
        Map<Integer, AreaMode> modes = job.areas().stream().collect(Collectors.toMap(Area::number, area -> mode));
        return new PanelState(OperationState.standing(OperationRules.of(job), modes, false), Set.of(), BusMemory.QUIET);
    }

    /// The numbers of the areas that are set or are being left.
    public Set<Integer> setAreas() {
        return operation.areas().entrySet().stream()
                .filter(area -> !area.getValue().mode().unset())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /// By area, when the entry time that runs is over.
    public Map<Integer, Instant> entries() {
        return operation.timers().stream()
                .filter(timer -> timer.kind() == Timer.Kind.ENTRY)
                .collect(Collectors.toMap(Timer::number, timer -> Instant.ofEpochMilli(timer.dueMillis())));
    }

    /// The same as it stands once it has been left alone: nothing runs, no alarm is remembered, and what is set
    /// stays set. So each point is tried by itself, and no alarm before it counts.
    public PanelState calm() {
        return withOperation(operation.calm());
    }

    PanelState withOperation(OperationState other) {
        return new PanelState(other, failed, bus);
    }

    PanelState withFailed(SystemPoint point, boolean fails) {
        return new PanelState(operation, BusMemory.changed(failed, point, fails), bus);
    }

    PanelState withBus(BusMemory other) {
        return new PanelState(operation, failed, other);
    }
}
