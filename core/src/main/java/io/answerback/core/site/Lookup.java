package io.answerback.core.site;

import java.util.Optional;
import java.util.function.BiFunction;

/// The ways to find one thing in a part of a job. What rests on one thing found rests on that thing alone, and
/// not on the list it is in.
public enum Lookup {
    POINT(Part.POINTS, (job, id) -> job.point((String) id)),
    CABLE(Part.CABLES, (job, id) -> job.cable((String) id)),
    INPUT(Part.INPUTS, (job, id) -> job.input((String) id)),
    INPUT_OF_POINT(Part.INPUTS, (job, id) -> job.inputOf((String) id)),
    ZONE(Part.ZONES, (job, number) -> job.zone((Integer) number)),
    MODULE(Part.MODULES, (job, name) -> job.module((String) name)),
    AREA(Part.AREAS, (job, number) -> job.area((Integer) number)),
    RECEIVER(Part.RECEIVERS, (job, id) -> job.receiver((String) id)),
    PROOF_OF_POINT(Part.PROOFS, (job, id) -> job.proofOf((String) id));

    private final Part part;
    private final BiFunction<Parts, Object, Optional<?>> find;

    Lookup(Part part, BiFunction<Parts, Object, Optional<?>> find) {
        this.part = part;
        this.find = find;
    }

    /// The part of the job it looks in.
    public Part part() {
        return part;
    }

    /// The one thing with this key in a job; null when there is none.
    public Object in(Parts job, Object key) {
        return find.apply(job, key).orElse(null);
    }
}
