package io.answerback.core.engine.edit;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.site.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/// The edits there are, one function each. All refuse bad figures with [IllegalArgumentException] when applied.
public final class Edits {
    private Edits() {}

    /// Another length for a cable, in metres.
    public static Edit cableMetres(CableId cableId, double metres) {
        return cable("length of " + cableId, cableId, cable -> cable.withMetres(metres));
    }

    /// An edit of the cable to a point; refused where it has none.
    ///
    /// @param edit the edit of that cable, as it is when the edit is made
    public static Edit ofCableTo(PointId pointId, Function<Cable, Edit> edit) {
        return new Edit(
                "cable to point " + pointId,
                job -> edit.apply(job.cableTo(pointId)
                                .orElseThrow(() -> new IllegalArgumentException(
                                        "point " + pointId + " has no cable yet; give its length first")))
                        .on(job));
    }

    /// Another conductor for a cable.
    public static Edit cableConductor(CableId cableId, Conductor conductor) {
        return cable("conductor of " + cableId, cableId, cable -> cable.withConductor(conductor));
    }

    /// Another temperature range for a cable, in °C.
    public static Edit cableCelsius(CableId cableId, double coldest, double hottest) {
        return cable("temperatures of " + cableId, cableId, cable -> cable.withCelsius(coldest, hottest));
    }

    /// Another type for a zone; a zone that was never programmed is added.
    public static Edit zoneType(int number, ZoneType type) {
        return zone("type of zone " + number, number, zone -> zone.withType(type));
    }

    /// Another area for a zone, or none; a zone that was never programmed is added.
    public static Edit zoneArea(int number, Optional<Integer> area) {
        return zone("area of zone " + number, number, zone -> zone.withArea(area));
    }

    /// Another account for an area.
    public static Edit account(int areaNumber, String account) {
        Predicate<Area> which = area -> area.number() == areaNumber;
        return new Edit(
                "account of area " + areaNumber,
                job -> job.withAreas(replaced(job.areas(), which, area -> area.withAccount(account))));
    }

    /// What is fitted across an unused input.
    public static Edit unusedFitted(InputId inputId, UnusedTermination fitted) {
        Predicate<Input> which = input -> input.id().equals(inputId);
        return new Edit(
                "termination",
                inputId,
                job -> job.withInputs(replaced(job.inputs(), which, input -> input.withUnusedFitted(fitted))));
    }

    /// Keeps a proof in place of any earlier one of the same point.
    public static Edit keepProof(Proof proof) {
        return new Edit("proof of " + proof.pointId(), job -> {
            List<Proof> proofs = new ArrayList<>(job.proofs());
            proofs.removeIf(old -> old.pointId().equals(proof.pointId()));
            proofs.add(proof);
            return job.withProofs(proofs);
        });
    }

    /// Removes what the practice station answered for a point.
    public static Edit withoutProof(PointId pointId) {
        return new Edit(
                "proof of " + pointId + " removed",
                job -> job.withProofs(job.proofs().stream()
                        .filter(proof -> !proof.pointId().equals(pointId))
                        .toList()));
    }

    private static Edit cable(String name, CableId cableId, UnaryOperator<Cable> change) {
        Predicate<Cable> which = cable -> cable.id().equals(cableId);
        return new Edit(name, job -> job.withCables(replaced(job.cables(), which, change)));
    }

    private static Edit zone(String name, int number, UnaryOperator<Zone> change) {
        return new Edit(name, job -> {
            List<Zone> zones = new ArrayList<>(job.zones());
            if (job.zone(number).isEmpty()) {
                zones.add(new Zone(number, ZoneType.NOT_USED, Optional.empty(), Optional.empty()));
            }
            return job.withZones(replaced(zones, zone -> zone.number() == number, change));
        });
    }

    private static <T> List<T> replaced(List<T> parts, Predicate<T> which, UnaryOperator<T> change) {
        return parts.stream()
                .map(part -> which.test(part) ? change.apply(part) : part)
                .toList();
    }
}
