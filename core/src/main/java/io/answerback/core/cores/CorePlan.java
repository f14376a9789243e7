package io.answerback.core.cores;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnd;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.Terminal;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Where every core of a job goes, at both its ends.
public final class CorePlan {
    private final Job job;
    private final CablePlaces places;
    private final List<BoxPlan> boxes = new ArrayList<>();
    private final Map<Place, BoxPlan> byPlace = new HashMap<>();

    private CorePlan(Job job, CorePlan earlier) {
        this.job = job;
        boolean samePractice = earlier != null && earlier.job.practice() == job.practice();
        this.places = new CablePlaces(job, samePractice ? earlier.places : null);
        places.coming().forEach((place, ends) -> {
            if (place.kind() != Place.Kind.DEVICE && !ends.isEmpty()) {
                BoxPlan box = same(place, ends, earlier).orElseGet(() -> planned(place, ends));
                boxes.add(box);
                byPlace.put(place, box);
            }
        });
    }

    /// Plans a job. The near end of a cable to points that have no input yet comes to no box.
    public static CorePlan of(Job job) {
        return of(job, null);
    }

    /// The same, taking over from `earlier` every box whose cables are the very same.
    ///
    /// @param earlier the plan of an earlier state of the same job; null for none
    public static CorePlan of(Job job, CorePlan earlier) {
        return new CorePlan(job, earlier);
    }

    private Optional<BoxPlan> same(Place place, List<Coming> ends, CorePlan earlier) {
        if (earlier == null || earlier.job.panel() != job.panel() || earlier.job.modules() != job.modules()) {
            return Optional.empty();
        }
        List<Coming> then = earlier.places.coming().getOrDefault(place, List.of());
        if (then.size() != ends.size()) {
            return Optional.empty();
        }
        for (int i = 0; i < ends.size(); i++) {
            if (!ends.get(i).same(then.get(i))) {
                return Optional.empty();
            }
        }
        return Optional.ofNullable(earlier.byPlace.get(place));
    }

    private BoxPlan planned(Place place, List<Coming> ends) {
        return switch (place.kind()) {
            case BOX -> new BoxPlanner(place.name(), strip(place.name()), ends).plan();
            case JOINT_BOX -> new JointPlanner(place.name(), ends).plan();
            case DEVICE -> new DevicePlanner(devices(ends), places::second).plan(ends);
        };
    }

    private List<Point> devices(List<Coming> ends) {
        return ends.stream()
                .flatMap(end -> end.cable().ends().points().stream())
                .distinct()
                .map(places::point)
                .toList();
    }

    private List<Terminal> strip(String name) {
        Optional<PanelModule> module = job.module(name);
        return module.flatMap(its -> job.panel().profile().module(its.kindId()))
                .map(ModuleKind::terminals)
                .orElse(List.of());
    }

    /// The modules and joint boxes cables come to: modules in their order, then joint boxes.
    public List<BoxPlan> boxes() {
        return List.copyOf(boxes);
    }

    Optional<Cable> cableOf(CoreEnd core) {
        return places.cable(core.cableId());
    }

    /// The module or joint box of this name; empty when no cable comes to it.
    public Optional<BoxPlan> box(String name) {
        return boxes.stream().filter(box -> box.name().equals(name)).findFirst();
    }

    /// What is at a place; empty when no cable comes to it.
    public Optional<BoxPlan> at(Place place) {
        if (place.kind() != Place.Kind.DEVICE) {
            return Optional.ofNullable(byPlace.get(place));
        }
        List<Coming> ends = places.coming().getOrDefault(place, List.of());
        return ends.isEmpty() ? Optional.empty() : Optional.of(planned(place, ends));
    }

    /// What is at an end of a cable of the job; empty where that comes to nothing.
    public Optional<BoxPlan> at(Cable cable, CableEnd end) {
        return places.place(cable, end).flatMap(this::at);
    }

    /// The box the near end of a cable comes to; empty when it comes to none.
    public Optional<BoxPlan> boxOf(String cableId) {
        return places.cable(cableId).flatMap(cable -> at(cable, CableEnd.NEAR));
    }

    /// The cores of a cable as they go at its near end; empty when that comes to no box.
    public Optional<CableCores> cable(String cableId) {
        return boxOf(cableId)
                .flatMap(box -> box.cables().stream()
                        .filter(cable -> cable.id().equals(cableId) && cable.end() == CableEnd.NEAR)
                        .findFirst());
    }

    /// What the far end of a cable of the job comes to, such as "07 Dock roller door 2" or "Keypad 2".
    public String farEnd(Cable cable) {
        return places.served(cable.ends()).words();
    }

    /// How many cores what a cable goes to needs of it.
    public int needs(Cable cable) {
        return places.needs(cable).size();
    }

    /// Whether a cable of the job is to carry a core for a use, its type decided or not.
    public boolean carries(Cable cable, CoreUse use) {
        for (CoreNeed need : places.needs(cable)) {
            if (need.use() == use) {
                return true;
            }
        }
        return false;
    }

    /// The module or joint box the near end of a cable of the job comes to, by name; empty when it comes to
    /// none yet.
    public Optional<String> beginning(Cable cable) {
        return places.place(cable, CableEnd.NEAR).map(Place::name);
    }

    /// Whether every end of every core of a step's cable is in place once the step is done.
    public boolean completes(WiringStep step) {
        Optional<Cable> cable = places.cable(step.cableId());
        return cable.isPresent()
                && Stream.of(CableEnd.values())
                        .flatMap(end -> at(cable.get(), end).stream())
                        .flatMap(box -> WiringRun.of(box, WiringRun.Order.CABLE_BY_CABLE).steps().stream())
                        .filter(other -> other.cableId().equals(step.cableId()))
                        .allMatch(other -> other.done()
                                || other.end() == step.end() && other.core().equals(step.core()));
    }

    /// The whole way of a core, from where it ends on one side to where it ends on the other; empty for a core
    /// that is not there or whose near end comes to no box.
    public Optional<CorePath> path(CoreEnd core) {
        return CorePath.of(this, core);
    }
}
