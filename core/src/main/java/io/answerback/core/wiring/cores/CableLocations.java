package io.answerback.core.wiring.cores;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.memo.Groups;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The ends of a job's cables, sorted by the place they come to.
final class CableLocations {
    /// The ends of all cables.
    static final Fact<CableLocations> FACT = Fact.of("places cables come to", CableLocations::new);

    /// The cable ends that come to a module or joint box, in order.
    static final FactOf<BoxId, List<ConnectedEnd>> ENDS_AT = FactOf.each(
            "cable ends at a place", (facts, place) -> facts.of(FACT).endsAt(place));

    /// The cables that are to carry a core for a use, in the order of the job.
    static final FactOf<CoreUse, List<Cable>> CARRYING =
            FactOf.each("cables for a use", (facts, use) -> facts.of(FACT).carrying(use));

    /// The module or joint box the near end of a cable comes to, by the cable's label; empty for none yet.
    static final FactOf<CableId, Optional<BoxId>> BEGINNING =
            FactOf.each("beginning of a cable", CableLocations::nearPlace);

    private static final FactOf<CableId, Optional<CoreColours>> COLOURS =
            FactOf.each("colours of a cable", CableLocations::colours);
    private static final FactOf<CableId, ConnectedEnd> NEAR_END =
            FactOf.each("near end of a cable", CableLocations::nearEnd);
    private static final FactOf<CableId, LocatedCable> PLACED =
            FactOf.each("cable in its place", CableLocations::placed);
    private static final Fact<List<CableId>> LABELS = Fact.of("labels of cables", Facts::cableIds);
    /// The cables of a job in its order, some dozens at a time.
    static final Groups<CableId> CABLES = new Groups<>("cables", LABELS);
    private static final FactOf<Integer, List<LocatedCable>> SOME_PLACED =
            CABLES.each("cables in their places", PLACED);
    private static final FactOf<Integer, SomeLocations> SOME =
            FactOf.each("places of cables", (facts, group) -> SomeLocations.of(facts.of(SOME_PLACED, group)));

    private final List<SomeLocations> groups;
    private final Map<BoxId, List<ConnectedEnd>> boxes;
    private volatile Map<CableId, LocatedCable> byLabel;
    private volatile Map<PointId, List<LocatedCable>> toDevices;

    private CableLocations(Facts facts) {
        groups = CABLES.every(facts, SOME);
        boxes = SomeLocations.ends(
                groups, facts.modules().stream().map(PanelModule::id).toList());
    }

    private static LocatedCable placed(Facts facts, CableId cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        return new LocatedCable(
                cable, CableShares.of(facts, cable), facts.of(NEAR_END, cableId), facts.of(BEGINNING, cableId));
    }

    private static Optional<CoreColours> colours(Facts facts, CableId cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        List<CoreNeed> needs = CableShares.of(facts, cable).needs();
        return cable.installation()
                .type()
                .map(type -> CoreColours.of(
                        type,
                        needs,
                        cable.installation().asFound().uses(),
                        facts.practice().firm().cores()));
    }

    private static ConnectedEnd nearEnd(Facts facts, CableId cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        List<ConnectedEnd.Loop> loops = CableShares.of(facts, cable).loops().stream()
                .map(id -> loop(facts, id))
                .toList();
        CoreColours colours = facts.of(COLOURS, cableId).orElse(null);
        List<ConnectedEnd.Loop> devices =
                cable.ends().points().stream().map(id -> loop(facts, id)).toList();
        return new ConnectedEnd(cable, CableEnd.NEAR, served(facts, cable.ends()), colours, loops, devices);
    }

    private static ConnectedEnd.Loop loop(Facts facts, PointId pointId) {
        return new ConnectedEnd.Loop(
                facts.of(CableShares.ON_LOOP, pointId), facts.inputOf(pointId).orElse(null));
    }

    private static CableDestination served(Facts facts, CableEnds ends) {
        if (!ends.points().isEmpty()) {
            Point first = facts.point(ends.points().getFirst()).orElseThrow();
            int more = ends.points().size() - 1;
            return new CableDestination(
                    Optional.of(first.id()), more == 0 ? first.name() : Text.of("%s and %d more", first.name(), more));
        }
        return new CableDestination(Optional.empty(), facts.nameOf(ends.farBox().orElseThrow()));
    }

    private static Optional<BoxId> nearPlace(Facts facts, CableId cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        if (cable.ends().from().isPresent()) {
            return cable.ends().from();
        }
        Optional<BoxId> measured = CableShares.of(facts, cable).needs().stream()
                .filter(need -> need.use() == CoreUse.LOOP || need.use() == CoreUse.LOOP_RETURN)
                .flatMap(need -> need.pointId().flatMap(facts::inputOf).stream())
                .<BoxId>map(Input::module)
                .findFirst();
        return measured.or(() -> usual(facts, cable));
    }

    /// Where a cable begins that carries no loop: at the box of its points' inputs, or at the panel.
    private static Optional<BoxId> usual(Facts facts, Cable cable) {
        Optional<BoxId> ofPoints = cable.ends().points().stream()
                .flatMap(id -> facts.inputOf(id).stream())
                .<BoxId>map(Input::module)
                .findFirst();
        boolean panel = cable.ends().points().isEmpty()
                && CableShares.of(facts, cable).loops().isEmpty()
                && !facts.modules().isEmpty()
                && cable.ends()
                        .module()
                        .filter(facts.modules().getFirst().id()::equals)
                        .isEmpty();
        return ofPoints.or(() -> panel ? Optional.of(facts.modules().getFirst().id()) : Optional.empty());
    }

    /// The modules and joint boxes cables come to: modules in their order, then joint boxes in the order of the
    /// cables.
    List<BoxId> boxes() {
        return boxes.entrySet().stream()
                .filter(place -> !place.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    /// The ends that come to a place, in order.
    List<ConnectedEnd> endsAt(BoxId box) {
        return boxes.getOrDefault(box, List.of());
    }

    /// The far ends of the cables whose first device is that of a point, in order.
    List<ConnectedEnd> endsAt(PointId device) {
        return toDevices().getOrDefault(device, List.of()).stream()
                .map(one -> one.near().otherEnd())
                .toList();
    }

    /// The cables that are to carry a core for a use, in the order of the job.
    List<Cable> carrying(CoreUse use) {
        return SomeLocations.carrying(groups, use);
    }

    Optional<EndId> place(Cable cable, CableEnd end) {
        return end == CableEnd.FAR
                ? Optional.of(cable.ends().farEnd())
                : begins(cable).map(box -> box);
    }

    /// The module or joint box the near end of a cable comes to; empty when it comes to none.
    Optional<BoxId> begins(Cable cable) {
        return placed(cable).flatMap(LocatedCable::begins);
    }

    private Optional<LocatedCable> placed(Cable cable) {
        return Optional.ofNullable(byLabel().get(cable.id()));
    }

    /// What a cable of the job is to carry.
    CableShare share(Cable cable) {
        return placed(cable).map(LocatedCable::share).orElse(CableShare.NOTHING);
    }

    /// What the far end of a cable of the job comes to.
    CableDestination served(Cable cable) {
        return byLabel().get(cable.id()).near().serves();
    }

    Optional<Cable> cable(CableId id) {
        return Optional.ofNullable(byLabel().get(id)).map(LocatedCable::cable);
    }

    /// Made when it is first asked: most edits are over before anybody asks.
    private Map<CableId, LocatedCable> byLabel() {
        if (byLabel == null) {
            Map<CableId, LocatedCable> index = new HashMap<>();
            placed().forEach(one -> index.put(one.cable().id(), one));
            byLabel = index;
        }
        return byLabel;
    }

    private Map<PointId, List<LocatedCable>> toDevices() {
        if (toDevices == null) {
            toDevices = placed().filter(one -> !one.cable().ends().points().isEmpty())
                    .collect(Collectors.groupingBy(
                            one -> one.cable().ends().points().getFirst()));
        }
        return toDevices;
    }

    private Stream<LocatedCable> placed() {
        return groups.stream().flatMap(some -> some.placed().stream());
    }
}
