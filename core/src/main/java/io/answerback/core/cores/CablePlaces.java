package io.answerback.core.cores;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnd;
import io.answerback.core.cable.CableEnds;
import io.answerback.core.practice.CoreConvention;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Sorts the ends of a job's cables by the place they come to.
final class CablePlaces {
    private final Job job;
    private final Map<String, Point> own = new HashMap<>();
    private final Map<String, Point> points = new HashMap<>();
    private final Map<String, Input> inputs = new HashMap<>();
    private final Map<String, Cable> cables = new HashMap<>();
    private final Set<String> modules = new HashSet<>();
    private final Allotment allotment;
    private final Map<String, CoreColours> colours = new HashMap<>();
    private final Map<String, List<CoreNeed>> needs = new HashMap<>();
    private final Map<Place, List<Coming>> coming = new LinkedHashMap<>();
    private final Map<String, Place> nearPlaces = new HashMap<>();
    private final Map<String, Coming> nearEnds = new HashMap<>();

    /// @param earlier the ends of an earlier state of the job with the same practice; null for none
    CablePlaces(Job job, CablePlaces earlier) {
        this.job = job;
        Map<String, Input> byId = new HashMap<>();
        job.inputs().forEach(input -> byId.put(input.id(), input));
        job.inputs().forEach(input -> input.pointId().ifPresent(id -> inputs.put(id, input)));
        job.points().forEach(point -> own.put(point.id(), point));
        job.points().forEach(point -> points.put(point.id(), onLoop(point, byId, earlier)));
        job.modules().forEach(module -> modules.add(module.name()));
        job.cables().forEach(cable -> cables.put(cable.id(), cable));
        this.allotment = new Allotment(job, points, earlier == null ? null : earlier.allotment);
        job.cables().forEach(cable -> decide(cable, earlier));
        place(earlier);
    }

    /// The point with the parts of the loop its contact lies in; the very same as before where nothing about it
    /// changed.
    private Point onLoop(Point point, Map<String, Input> byId, CablePlaces earlier) {
        return Optional.ofNullable(inputs.get(point.id()))
                .flatMap(Input::shares)
                .map(byId::get)
                .flatMap(Input::pointId)
                .map(own::get)
                .map(owner -> earlier != null && earlier.had(point, owner)
                        ? earlier.points.get(point.id())
                        : point.withLoop(owner.loop()))
                .orElse(point);
    }

    private boolean had(Point point, Point owner) {
        return own.get(point.id()) == point && points.get(point.id()).loop() == owner.loop();
    }

    private void decide(Cable cable, CablePlaces earlier) {
        List<CoreNeed> its = allotment.needs(cable);
        needs.put(cable.id(), its);
        boolean same =
                earlier != null && its.equals(earlier.needs.get(cable.id())) && earlier.cables.get(cable.id()) == cable;
        CoreColours known = same ? earlier.colours.get(cable.id()) : null;
        if (known != null) {
            colours.put(cable.id(), known);
            return;
        }
        CoreConvention convention = job.practice().firm().cores();
        cable.laying()
                .type()
                .ifPresent(type -> colours.put(
                        cable.id(),
                        CoreColours.of(type, its, cable.laying().asFound().uses(), convention)));
    }

    private void place(CablePlaces earlier) {
        Map<String, List<Cable>> beginning = new HashMap<>();
        Map<String, Coming> taken = new HashMap<>();
        for (Cable cable : job.cables()) {
            Coming before = earlier == null ? null : earlier.nearEnds.get(cable.id());
            if (before != null && holds(before, cable)) {
                taken.put(cable.id(), before);
            }
            near(cable, taken.containsKey(cable.id()) ? earlier : null).ifPresent(place -> {
                nearPlaces.put(cable.id(), place);
                beginning
                        .computeIfAbsent(place.name(), key -> new ArrayList<>())
                        .add(cable);
            });
        }
        job.modules().forEach(module -> coming.put(Place.box(module.name()), new ArrayList<>()));
        for (Cable cable : job.cables()) {
            Coming near = Optional.ofNullable(taken.get(cable.id())).orElseGet(() -> coming(cable, CableEnd.NEAR));
            nearEnds.put(cable.id(), near);
            Optional.ofNullable(nearPlaces.get(cable.id()))
                    .ifPresent(place -> at(place).add(near));
            at(far(cable.ends())).add(new Coming(cable, CableEnd.FAR, near.serves(), near.colours(), near.loops()));
        }
        coming.values().forEach(ends -> ends.sort(Comparator.comparingInt(CablePlaces::order)));
    }

    /// Whether what was known of the near end of a cable to devices still holds.
    private boolean holds(Coming before, Cable cable) {
        return before.cable() == cable
                && before.colours() == colours.get(cable.id())
                && !cable.ends().points().isEmpty()
                && cable.ends().points().size() == before.loops().size()
                && before.loops().stream()
                        .allMatch(loop -> points.get(loop.point().id()) == loop.point()
                                && inputs.get(loop.point().id()) == loop.input());
    }

    private List<Coming> at(Place place) {
        return coming.computeIfAbsent(place, key -> new ArrayList<>());
    }

    /// In the order of the inputs, second zones after first; what brings no loop comes last.
    private static int order(Coming one) {
        return one.loops().stream()
                .filter(loop -> loop.input() != null && one.near())
                .mapToInt(loop -> 2 * loop.input().number() + (loop.input().second() ? 1 : 0))
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    private Coming coming(Cable cable, CableEnd end) {
        List<Coming.Loop> loops = allotment.loops(cable).stream()
                .map(id -> new Coming.Loop(points.get(id), inputs.get(id)))
                .toList();
        return new Coming(cable, end, served(cable.ends()), colours.get(cable.id()), loops);
    }

    Served served(CableEnds ends) {
        if (!ends.points().isEmpty()) {
            Point first = points.get(ends.points().getFirst());
            int more = ends.points().size() - 1;
            return new Served(first.id(), more == 0 ? first.name() : "%s and %d more".formatted(first.name(), more));
        }
        return new Served("", ends.module().isEmpty() ? ends.joint() : ends.module());
    }

    /// @param earlier where nothing about the cable is other than it was; else null
    private Optional<Place> near(Cable cable, CablePlaces earlier) {
        String from = cable.ends().from();
        if (earlier != null && from.isEmpty()) {
            return Optional.ofNullable(earlier.nearPlaces.get(cable.id()));
        }
        if (!from.isEmpty()) {
            return Optional.of(modules.contains(from) ? Place.box(from) : Place.joint(from));
        }
        Optional<Place> measured = allotment.needs(cable).stream()
                .filter(need -> need.use() == CoreUse.LOOP || need.use() == CoreUse.LOOP_RETURN)
                .map(need -> inputs.get(need.pointId()))
                .filter(input -> input != null)
                .map(input -> Place.box(input.module()))
                .findFirst();
        return measured.or(() -> usual(cable));
    }

    /// Where a cable begins that carries no loop: at the box of its points' inputs, or at the panel.
    private Optional<Place> usual(Cable cable) {
        Optional<Place> ofPoints = cable.ends().points().stream()
                .map(inputs::get)
                .filter(input -> input != null)
                .map(input -> Place.box(input.module()))
                .findFirst();
        boolean panel = cable.ends().points().isEmpty()
                && allotment.loops(cable).isEmpty()
                && !job.modules().isEmpty()
                && !job.modules().getFirst().name().equals(cable.ends().module());
        return ofPoints.or(
                () -> panel ? Optional.of(Place.box(job.modules().getFirst().name())) : Optional.empty());
    }

    private static Place far(CableEnds ends) {
        if (!ends.points().isEmpty()) {
            return Place.device(ends.points().getFirst());
        }
        return ends.module().isEmpty() ? Place.joint(ends.joint()) : Place.box(ends.module());
    }

    /// Every place with the ends that come to it: modules in their order, then joint boxes and devices in the
    /// order of the cables.
    Map<Place, List<Coming>> coming() {
        return coming;
    }

    Optional<Place> place(Cable cable, CableEnd end) {
        return end == CableEnd.FAR ? Optional.of(far(cable.ends())) : Optional.ofNullable(nearPlaces.get(cable.id()));
    }

    List<CoreNeed> needs(Cable cable) {
        return needs.getOrDefault(cable.id(), List.of());
    }

    Optional<Cable> cable(String id) {
        return Optional.ofNullable(cables.get(id));
    }

    /// Whether a point is the second zone of an input that serves two.
    boolean second(String pointId) {
        return Optional.ofNullable(inputs.get(pointId)).filter(Input::second).isPresent();
    }

    /// A point, with the parts of the loop its contact lies in.
    Point point(String id) {
        return points.get(id);
    }
}
