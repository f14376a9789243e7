package io.answerback.cores;

import io.answerback.job.Cable;
import io.answerback.job.Input;
import io.answerback.job.Job;
import io.answerback.job.ModuleKind;
import io.answerback.job.PanelModule;
import io.answerback.job.Point;
import io.answerback.job.Terminal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Where every core of a job goes.
public final class CorePlan {
    private final List<BoxPlan> boxes;
    private final Map<String, List<BoxPlanner.Coming>> coming;
    private final List<Object> common;

    private CorePlan(List<BoxPlan> boxes, Map<String, List<BoxPlanner.Coming>> coming, List<Object> common) {
        this.boxes = List.copyOf(boxes);
        this.coming = coming;
        this.common = common;
    }

    /// The boxes cables come to, in the order of the modules.
    public List<BoxPlan> boxes() {
        return boxes;
    }

    /// Plans a job. Cables to points that have no input yet come to no box, and are not in it.
    public static CorePlan of(Job job) {
        return of(job, null);
    }

    /// The same, taking over from `earlier` every box whose cables are the very same.
    ///
    /// @param earlier the plan of an earlier state of the same job; null for none
    public static CorePlan of(Job job, CorePlan earlier) {
        List<Object> common = List.of(job.practice(), job.panel(), job.modules());
        Map<String, List<BoxPlanner.Coming>> coming = coming(job);
        List<BoxPlan> boxes = new ArrayList<>();
        for (PanelModule module : job.modules()) {
            List<BoxPlanner.Coming> its = coming.get(module.name());
            if (its != null) {
                Optional<BoxPlan> same = Optional.ofNullable(earlier)
                        .filter(plan -> same(plan.common, common))
                        .filter(plan -> sameCables(plan.coming.get(module.name()), its))
                        .flatMap(plan -> plan.box(module.name()));
                boxes.add(same.orElseGet(() -> box(job, module, its)));
            }
        }
        return new CorePlan(boxes, coming, common);
    }

    private static boolean same(List<Object> some, List<Object> others) {
        for (int i = 0; i < some.size(); i++) {
            if (some.get(i) != others.get(i)) {
                return false;
            }
        }
        return true;
    }

    private static boolean sameCables(List<BoxPlanner.Coming> some, List<BoxPlanner.Coming> others) {
        if (some == null || some.size() != others.size()) {
            return false;
        }
        for (int i = 0; i < some.size(); i++) {
            BoxPlanner.Coming one = some.get(i);
            BoxPlanner.Coming other = others.get(i);
            if (one.input() != other.input() || one.point() != other.point() || one.cable() != other.cable()) {
                return false;
            }
        }
        return true;
    }

    private static Map<String, List<BoxPlanner.Coming>> coming(Job job) {
        Map<String, Cable> cables = new HashMap<>();
        job.cables().forEach(cable -> cables.put(cable.pointId(), cable));
        Map<String, Point> points = new HashMap<>();
        job.points().forEach(point -> points.put(point.id(), point));
        Map<String, Input> inputs = new HashMap<>();
        job.inputs().forEach(input -> inputs.put(input.id(), input));
        Map<String, List<BoxPlanner.Coming>> coming = new HashMap<>();
        for (Input input : job.inputs()) {
            input.pointId()
                    .filter(cables::containsKey)
                    .ifPresent(id -> coming.computeIfAbsent(input.module(), module -> new ArrayList<>())
                            .add(new BoxPlanner.Coming(input, onLoop(input, points, inputs), cables.get(id))));
        }
        coming.values()
                .forEach(list -> list.sort(Comparator.comparing(
                                (BoxPlanner.Coming one) -> one.input().number())
                        .thenComparing(one -> one.input().second())));
        return coming;
    }

    private static Point onLoop(Input input, Map<String, Point> points, Map<String, Input> inputs) {
        Point own = points.get(input.pointId().orElseThrow());
        return input.shares()
                .map(inputs::get)
                .flatMap(Input::pointId)
                .map(points::get)
                .map(owner -> own.withLoop(owner.loop()))
                .orElse(own);
    }

    private static BoxPlan box(Job job, PanelModule module, List<BoxPlanner.Coming> coming) {
        List<Terminal> strip = job.panel()
                .profile()
                .module(module.kindId())
                .map(ModuleKind::terminals)
                .orElse(List.of());
        return new BoxPlanner(
                        strip, coming, job.practice(), job.practice().firm().cores())
                .plan(module.name());
    }

    /// The box of this name; empty when no cable comes to it.
    public Optional<BoxPlan> box(String module) {
        return boxes.stream().filter(box -> box.module().equals(module)).findFirst();
    }

    /// The box a cable comes to; empty when it comes to none.
    public Optional<BoxPlan> boxOf(String cableId) {
        return boxes.stream()
                .filter(box -> box.cables().stream()
                        .anyMatch(cable -> cable.cable().id().equals(cableId)))
                .findFirst();
    }

    /// The cores of a cable; empty when it comes to no box.
    public Optional<CableCores> cable(String cableId) {
        return boxes.stream()
                .flatMap(box -> box.cables().stream())
                .filter(cable -> cable.cable().id().equals(cableId))
                .findFirst();
    }
}
