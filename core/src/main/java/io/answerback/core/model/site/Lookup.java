package io.answerback.core.model.site;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/// The ways to find something in a part of a job. What rests on what is found rests on that alone, and not on the
/// list it is in.
public enum Lookup {
    POINT(Part.POINTS, (job, id) -> job.point((PointId) id), thing -> List.of(((Point) thing).id())),
    CABLE(Part.CABLES, (job, id) -> job.cable((CableId) id), thing -> List.of(((Cable) thing).id())),
    CABLE_TO_POINT(
            Part.CABLES,
            (job, id) -> job.cableTo((PointId) id),
            thing -> ((Cable) thing).ends().points()),
    CABLES_TO(
            Part.CABLES,
            (job, farEnd) -> Optional.of(job.cablesTo((EndId) farEnd)),
            thing -> List.of(((Cable) thing).ends().farEnd())),
    CABLES_FROM(
            Part.CABLES,
            (job, place) -> Optional.of(job.cablesFrom(((Optional<?>) place).map(BoxId.class::cast))),
            thing -> List.of(((Cable) thing).ends().from())),
    INPUT(Part.INPUTS, (job, id) -> job.input((InputId) id), thing -> List.of(((Input) thing).id())),
    INPUT_OF_POINT(
            Part.INPUTS,
            (job, id) -> job.inputOf((PointId) id),
            thing -> ((Input) thing).pointId().map(List::of).orElse(List.of())),
    ZONE(Part.ZONES, (job, number) -> job.zone((Integer) number), thing -> List.of(((Zone) thing).number())),
    MODULE(Part.MODULES, (job, id) -> job.module((ModuleId) id), thing -> List.of(((PanelModule) thing).id())),
    AREA(Part.AREAS, (job, number) -> job.area((Integer) number), thing -> List.of(((Area) thing).number())),
    RECEIVER(Part.RECEIVERS, (job, id) -> job.receiver((ReceiverId) id), thing -> List.of(((Receiver) thing).id())),
    PROOF_OF_POINT(Part.PROOFS, (job, id) -> job.proofOf((PointId) id), thing -> List.of(((Proof) thing).pointId()));

    private final Part part;
    private final BiFunction<Parts, Object, Optional<?>> find;
    private final Function<Object, List<?>> keys;

    Lookup(Part part, BiFunction<Parts, Object, Optional<?>> find, Function<Object, List<?>> keys) {
        this.part = part;
        this.find = find;
        this.keys = keys;
    }

    /// The keys under which a thing of the part is found.
    public List<?> keys(Object thing) {
        return keys.apply(thing);
    }

    /// The part of the job it looks in.
    public Part part() {
        return part;
    }

    /// What is found under this key in a job: a thing, or a list of things; null when there is none.
    public Object in(Parts job, Object key) {
        return find.apply(job, key).orElse(null);
    }

    /// Whether what was found at two times is the very same: the same thing, or the same things in the same
    /// order.
    public static boolean same(Object one, Object other) {
        if (one == other) {
            return true;
        }
        if (!(one instanceof List<?> some && other instanceof List<?> others) || some.size() != others.size()) {
            return false;
        }
        for (int i = 0; i < some.size(); i++) {
            if (some.get(i) != others.get(i)) {
                return false;
            }
        }
        return true;
    }
}
