package io.answerback.core.cores;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnd;
import io.answerback.core.cable.CableEnds;
import io.answerback.core.memo.Fact;
import io.answerback.core.memo.FactOf;
import io.answerback.core.memo.Facts;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.site.Input;
import io.answerback.core.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The ends of a job's cables, sorted by the place they come to.
final class CablePlaces {
    /// The ends of all cables.
    static final Fact<CablePlaces> FACT = Fact.of("places cables come to", CablePlaces::new);

    /// The cable ends that come to a place, in order.
    static final FactOf<Place, List<Coming>> ENDS_AT = FactOf.each(
            "cable ends at a place", (facts, place) -> facts.of(FACT).endsAt(place));

    private static final FactOf<String, Optional<CoreColours>> COLOURS =
            FactOf.each("colours of a cable", CablePlaces::colours);
    private static final FactOf<String, Coming> NEAR_END = FactOf.each("near end of a cable", CablePlaces::nearEnd);
    private static final FactOf<String, Optional<Place>> NEAR_PLACE =
            FactOf.each("beginning of a cable", CablePlaces::nearPlace);

    private final Map<String, Cable> cables = new HashMap<>();
    private final Map<String, CableShare> shares = new HashMap<>();
    private final Map<String, Place> nearPlaces = new HashMap<>();
    private final Map<String, Served> served = new HashMap<>();
    private final Map<String, Coming.Loop> devices = new HashMap<>();
    private final Map<Place, List<Coming>> ends = new LinkedHashMap<>();

    private CablePlaces(Facts facts) {
        facts.modules().forEach(module -> ends.put(Place.box(module.name()), new ArrayList<>()));
        for (Cable cable : facts.cables()) {
            Coming near = facts.of(NEAR_END, cable.id());
            cables.put(cable.id(), cable);
            shares.put(cable.id(), CableShares.of(facts, cable));
            served.put(cable.id(), near.serves());
            cable.ends().points().forEach(id -> devices.put(id, loop(facts, id)));
            facts.of(NEAR_PLACE, cable.id()).ifPresent(place -> {
                nearPlaces.put(cable.id(), place);
                at(place).add(near);
            });
            at(far(cable.ends())).add(near.otherEnd());
        }
        ends.values().forEach(list -> list.sort(Comparator.comparingInt(CablePlaces::order)));
    }

    private List<Coming> at(Place place) {
        return ends.computeIfAbsent(place, key -> new ArrayList<>());
    }

    /// In the order of the inputs, second zones after first; what brings no loop comes last.
    private static int order(Coming one) {
        return one.loops().stream()
                .filter(loop -> loop.input() != null && one.near())
                .mapToInt(loop -> 2 * loop.input().number() + (loop.input().second() ? 1 : 0))
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    private static Optional<CoreColours> colours(Facts facts, String cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        List<CoreNeed> needs = CableShares.of(facts, cable).needs();
        return cable.laying()
                .type()
                .map(type -> CoreColours.of(
                        type,
                        needs,
                        cable.laying().asFound().uses(),
                        facts.practice().firm().cores()));
    }

    private static Coming nearEnd(Facts facts, String cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        List<Coming.Loop> loops = CableShares.of(facts, cable).loops().stream()
                .map(id -> loop(facts, id))
                .toList();
        CoreColours colours = facts.of(COLOURS, cableId).orElse(null);
        return new Coming(cable, CableEnd.NEAR, served(facts, cable.ends()), colours, loops);
    }

    private static Coming.Loop loop(Facts facts, String pointId) {
        return new Coming.Loop(
                facts.of(CableShares.ON_LOOP, pointId), facts.inputOf(pointId).orElse(null));
    }

    private static Served served(Facts facts, CableEnds ends) {
        if (!ends.points().isEmpty()) {
            Point first = facts.point(ends.points().getFirst()).orElseThrow();
            int more = ends.points().size() - 1;
            return new Served(first.id(), more == 0 ? first.name() : "%s and %d more".formatted(first.name(), more));
        }
        return new Served("", ends.module().isEmpty() ? ends.joint() : ends.module());
    }

    private static Optional<Place> nearPlace(Facts facts, String cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        String from = cable.ends().from();
        if (!from.isEmpty()) {
            return Optional.of(facts.module(from).isPresent() ? Place.box(from) : Place.joint(from));
        }
        Optional<Place> measured = CableShares.of(facts, cable).needs().stream()
                .filter(need -> need.use() == CoreUse.LOOP || need.use() == CoreUse.LOOP_RETURN)
                .flatMap(need -> facts.inputOf(need.pointId()).stream())
                .map(input -> Place.box(input.module()))
                .findFirst();
        return measured.or(() -> usual(facts, cable));
    }

    /// Where a cable begins that carries no loop: at the box of its points' inputs, or at the panel.
    private static Optional<Place> usual(Facts facts, Cable cable) {
        Optional<Place> ofPoints = cable.ends().points().stream()
                .flatMap(id -> facts.inputOf(id).stream())
                .map(input -> Place.box(input.module()))
                .findFirst();
        boolean panel = cable.ends().points().isEmpty()
                && CableShares.of(facts, cable).loops().isEmpty()
                && !facts.modules().isEmpty()
                && !facts.modules().getFirst().name().equals(cable.ends().module());
        return ofPoints.or(
                () -> panel ? Optional.of(Place.box(facts.modules().getFirst().name())) : Optional.empty());
    }

    private static Place far(CableEnds ends) {
        if (!ends.points().isEmpty()) {
            return Place.device(ends.points().getFirst());
        }
        return ends.module().isEmpty() ? Place.joint(ends.joint()) : Place.box(ends.module());
    }

    /// The modules and joint boxes cables come to: modules in their order, then joint boxes in the order of the
    /// cables.
    List<Place> boxes() {
        return ends.entrySet().stream()
                .filter(place -> place.getKey().kind() != Place.Kind.DEVICE
                        && !place.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    /// The ends that come to a place, in order.
    List<Coming> endsAt(Place place) {
        return ends.getOrDefault(place, List.of());
    }

    Optional<Place> place(Cable cable, CableEnd end) {
        return end == CableEnd.FAR ? Optional.of(far(cable.ends())) : Optional.ofNullable(nearPlaces.get(cable.id()));
    }

    /// What a cable of the job is to carry.
    List<CoreNeed> needs(Cable cable) {
        return shares.containsKey(cable.id()) ? shares.get(cable.id()).needs() : List.of();
    }

    /// What the far end of a cable of the job comes to.
    Served served(Cable cable) {
        return served.get(cable.id());
    }

    Optional<Cable> cable(String id) {
        return Optional.ofNullable(cables.get(id));
    }

    /// Whether a point is the second zone of an input that serves two.
    boolean second(String pointId) {
        return Optional.ofNullable(devices.get(pointId))
                .map(Coming.Loop::input)
                .filter(Input::second)
                .isPresent();
    }

    /// A point that some cable goes to, with the parts of the loop its contact lies in.
    Point point(String id) {
        return devices.get(id).point();
    }
}
