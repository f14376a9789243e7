package io.answerback.core.wiring.cores;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.memo.Groups;
import io.answerback.core.engine.memo.Memo;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Job;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Where every core of a job goes, at both its ends.
public final class CorePlan implements Cabling {
    /// The plan of a job. The near end of a cable to points that have no input yet comes to no box.
    public static final Fact<CorePlan> FACT = Fact.of("cores", CorePlan::new);

    /// The modules and joint boxes cables come to: modules in their order, then joint boxes in the order of the
    /// cables.
    public static final Fact<List<BoxId>> PLACES = Fact.of(
            "boxes cables come to", facts -> facts.of(CableLocations.FACT).boxes());

    /// The cables of a job in its order, some dozens at a time.
    public static final Groups<CableId> CABLES = CableLocations.CABLES;

    /// Where every core goes at a module or joint box.
    public static final FactOf<BoxId, BoxPlan> BOX = FactOf.each("cores at a box", CorePlan::box);

    private final CableLocations places;
    private final Map<BoxId, BoxPlan> boxes = new LinkedHashMap<>();

    private CorePlan(Facts facts) {
        this.places = facts.of(CableLocations.FACT);
        facts.of(PLACES).forEach(place -> boxes.put(place, facts.of(BOX, place)));
    }

    /// Plans a job from nothing.
    public static CorePlan of(Job job) {
        return new Memo().read(job, Map.of(), facts -> facts.of(FACT));
    }

    private static BoxPlan box(Facts facts, BoxId place) {
        List<ConnectedEnd> ends = facts.of(CableLocations.ENDS_AT, place);
        return switch (place) {
            case ModuleId module -> new BoxPlanner(facts, module, ends).plan();
            case JointId joint -> new JointPlanner(joint, ends).plan();
        };
    }

    private static Optional<BoxPlan> device(List<ConnectedEnd> ends) {
        if (ends.isEmpty()) {
            return Optional.empty();
        }
        Map<PointId, ConnectedEnd.Loop> devices = new LinkedHashMap<>();
        ends.forEach(end -> end.devices()
                .forEach(device -> devices.putIfAbsent(device.point().id(), device)));
        return Optional.of(new DevicePlanner(List.copyOf(devices.values())).plan(ends));
    }

    /// The modules and joint boxes cables come to: modules in their order, then joint boxes.
    public List<BoxPlan> boxes() {
        return List.copyOf(boxes.values());
    }

    Optional<Cable> cableOf(CoreEnd core) {
        return cableLabelled(core.cableId());
    }

    /// The cable of the job with this label; empty when there is none.
    public Optional<Cable> cableLabelled(CableId label) {
        return places.cable(label);
    }

    /// The module or joint box with this id; empty when no cable comes to it.
    public Optional<BoxPlan> box(BoxId id) {
        return Optional.ofNullable(boxes.get(id));
    }

    /// What is at a place; empty when no cable comes to it.
    public Optional<BoxPlan> at(EndId place) {
        return switch (place) {
            case BoxId box -> box(box);
            case PointId device -> device(places.endsAt(device));
        };
    }

    /// What is at an end of a cable of the job; empty where that comes to nothing.
    public Optional<BoxPlan> at(Cable cable, CableEnd end) {
        return places.place(cable, end).flatMap(this::at);
    }

    /// The box the near end of a cable comes to; empty when it comes to none.
    public Optional<BoxPlan> boxOf(CableId cableId) {
        return places.cable(cableId).flatMap(cable -> at(cable, CableEnd.NEAR));
    }

    /// The cores of a cable as they go at its near end; empty when that comes to no box.
    public Optional<CableCores> cable(CableId cableId) {
        return boxOf(cableId)
                .flatMap(box -> box.cables().stream()
                        .filter(cable -> cable.id().equals(cableId) && cable.end() == CableEnd.NEAR)
                        .findFirst());
    }

    /// What the far end of a cable of the job comes to, such as "07 Dock roller door 2" or "Keypad 2".
    public String farEnd(Cable cable) {
        return places.served(cable).words();
    }

    /// How many cores what a cable goes to needs of it.
    public int needs(Cable cable) {
        return places.share(cable).needs().size();
    }

    @Override
    public boolean carries(Cable cable, CoreUse use) {
        return places.share(cable).carries(use);
    }

    @Override
    public List<Cable> carrying(CoreUse use) {
        return places.carrying(use);
    }

    @Override
    public Optional<BoxId> beginning(Cable cable) {
        return places.begins(cable);
    }

    @Override
    public Optional<BoxPlan> nearEnd(Cable cable) {
        return at(cable, CableEnd.NEAR);
    }

    /// What a computation asks of the cables of a job, so that it rests on what it asked and on no other cable.
    public static Cabling cabling(Facts facts) {
        return new Cabling() {
            @Override
            public boolean carries(Cable cable, CoreUse use) {
                return CableShares.of(facts, cable).carries(use);
            }

            @Override
            public List<Cable> carrying(CoreUse use) {
                return facts.of(CableLocations.CARRYING, use);
            }

            @Override
            public Optional<BoxId> beginning(Cable cable) {
                return facts.of(CableLocations.BEGINNING, cable.id());
            }

            @Override
            public Optional<BoxPlan> nearEnd(Cable cable) {
                return facts.of(CableLocations.BEGINNING, cable.id()).map(place -> facts.of(BOX, place));
            }
        };
    }

    /// The whole way of a core, from where it ends on one side to where it ends on the other; empty for a core
    /// that is not there or whose near end comes to no box.
    public Optional<CorePath> path(CoreEnd core) {
        return CorePath.of(this, core);
    }
}
