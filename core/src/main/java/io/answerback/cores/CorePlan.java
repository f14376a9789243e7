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
///
/// @param boxes the boxes cables come to, in the order of the modules
public record CorePlan(List<BoxPlan> boxes) {
    public CorePlan {
        boxes = List.copyOf(boxes);
    }

    /// Plans a job. Cables to points that have no input yet come to no box, and are not in it.
    public static CorePlan of(Job job) {
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
        return new CorePlan(job.modules().stream()
                .filter(module -> coming.containsKey(module.name()))
                .map(module -> box(job, module, coming.get(module.name())))
                .toList());
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
        coming.sort(Comparator.comparing((BoxPlanner.Coming one) -> one.input().number())
                .thenComparing(one -> one.input().second()));
        return new BoxPlanner(
                        strip, coming, job.practice(), job.practice().firm().cores())
                .plan(module.name());
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
