package io.answerback.core.work.duration;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import io.answerback.core.prove.acceptance.PlanCounts;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupState;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/// How much work a job has, kind by kind, and how much of it is left.
public final class WorkCounts {
    /// The counts of a job, in the order of the kinds.
    public static final Fact<List<WorkCount>> FACT = Fact.of("counts of work", facts -> new WorkCounts(facts).counts());

    private static final int ENDS = 2;

    private final Facts facts;
    private final List<WorkCount> counts = new ArrayList<>();

    private WorkCounts(Facts facts) {
        this.facts = facts;
    }

    private List<WorkCount> counts() {
        cables();
        devices();
        entries();
        loops();
        lines();
        if (!facts.points().isEmpty()) {
            add(WorkKind.TALK, 1, facts.service().instructed().isEmpty() ? 1 : 0);
        }
        return List.copyOf(counts);
    }

    private void add(WorkKind kind, double all, double left) {
        if (all > 0) {
            counts.add(new WorkCount(kind, all, Math.max(0, Math.min(all, left))));
        }
    }

    private static boolean before(Cable cable, Progress progress) {
        return cable.installation().progress().compareTo(progress) < 0;
    }

    private double cables(Predicate<Cable> which, ToDoubleFunction<Cable> counted) {
        return facts.cables().stream().filter(which).mapToDouble(counted).sum();
    }

    private void cables() {
        CorePlan plan = facts.of(CorePlan.FACT);
        add(
                WorkKind.RUN_CABLE,
                cables(its -> true, Cable::metres),
                cables(its -> before(its, Progress.RUN), Cable::metres));
        add(WorkKind.LABEL, cables(its -> true, its -> ENDS), cables(its -> true, WorkCounts::labelsLeft));
        add(
                WorkKind.CABLE_END,
                cables(its -> true, its -> ENDS),
                cables(its -> before(its, Progress.TERMINATED), its -> ENDS));
        add(
                WorkKind.CORE,
                cables(its -> true, its -> ENDS * plan.needs(its)),
                cables(
                        its -> before(its, Progress.TERMINATED),
                        its -> Math.max(
                                0,
                                ENDS * plan.needs(its)
                                        - its.installation().terminated().size())));
    }

    private static double labelsLeft(Cable cable) {
        return (cable.installation().labelledHere() ? 0 : 1)
                + (cable.installation().labelledThere() ? 0 : 1);
    }

    private void devices() {
        List<Point> points = facts.points();
        add(
                WorkKind.DEVICE,
                points.size(),
                points.stream()
                        .filter(point -> facts.cableTo(point.id())
                                .filter(cable -> !before(cable, Progress.TERMINATED))
                                .isEmpty())
                        .count());
        boolean begun = facts.cables().stream().anyMatch(cable -> !before(cable, Progress.TERMINATED));
        add(WorkKind.PANEL, points.isEmpty() ? 0 : 1, begun ? 0 : 1);
        List<PanelModule> modules = facts.modules().stream()
                .filter(module -> facts.kindOf(module)
                        .map(ModuleKind::sort)
                        .filter(sort -> sort != ModuleSort.BOARD)
                        .isPresent())
                .toList();
        add(
                WorkKind.MODULE,
                modules.size(),
                modules.stream().filter(module -> !mounted(module, begun)).count());
    }

    private boolean mounted(PanelModule module, boolean begun) {
        List<Cable> cables = facts.cablesTo(module.id());
        boolean wired =
                cables.isEmpty() ? begun : cables.stream().anyMatch(cable -> !before(cable, Progress.TERMINATED));
        return wired && !facts.bus().absent().contains(module.id());
    }

    private void entries() {
        RunSheet sheet = facts.of(SetupState.FACT).sheet();
        int all = sheet.differing().size();
        add(WorkKind.ENTRY, all, all - sheet.done());
        add(WorkKind.MENU_LEVEL, sheet.levels(), sheet.open().isEmpty() ? 0 : sheet.levels());
    }

    private void loops() {
        Set<PointId> measured = facts.measurements().stream()
                .filter(reading -> reading.what() == Measurement.Measured.LOOP_AT_REST)
                .map(Measurement::pointId)
                .collect(Collectors.toSet());
        List<PointId> loops = facts.points().stream()
                .filter(point ->
                        !point.kind().radio() && facts.cableTo(point.id()).isPresent())
                .map(Point::id)
                .toList();
        add(
                WorkKind.LOOP_READING,
                loops.size(),
                loops.stream().filter(id -> !measured.contains(id)).count());
    }

    private void lines() {
        PlanCounts plan = facts.of(PlanCounts.FACT);
        add(WorkKind.WALK_LINE, plan.walked().lines(), plan.walked().left());
        add(WorkKind.OTHER_LINE, plan.otherMinutes().all(), plan.otherMinutes().left());
    }
}
