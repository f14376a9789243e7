package io.answerback.files.demo;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cabling.WiringRun;
import io.answerback.core.wiring.cabling.WiringStep;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.DataFiles;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;

/// What the demo jobs have in common about their cables.
final class CablesLaid {
    private CablesLaid() {}

    static CableType type(String id) {
        return DataFiles.cableTypes().stream()
                .filter(type -> type.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static Conductor thin() {
        return type("4-core").conductor();
    }

    private static Optional<BoxId> from(CSVRecord row) {
        return Optional.of(row.get("from")).filter(id -> !id.isEmpty()).map(ModuleId::new);
    }

    /// The cables to modules in a data file, each with its type, length and way.
    static Job toModules(Job job, String file) {
        Job next = job;
        for (CSVRecord row : DataFiles.rows(file)) {
            CableEnds ends = CableEnds.toModule(new ModuleId(row.get("module"))).startingAt(from(row));
            Cable cable =
                    Cable.indoors(new CableId(row.get("cable")), ends, Double.parseDouble(row.get("metres")), thin());
            boolean outdoors = row.get("outdoors").equals("1");
            cable = cable.withInstallation(
                    cable.installation().withType(type(row.get("type"))).withRoute(row.get("way"), outdoors, false));
            next = next.withCables(
                    Stream.concat(next.cables().stream(), Stream.of(cable)).toList());
        }
        return next;
    }

    /// A joint box on the way of some cables, which become as long as they are from there.
    static Job joint(Job job, List<CableId> cables, double trunkMetres) {
        String name = CablingEdits.freeJoint(job).text();
        Set<CableId> before = Set.copyOf(job.cables().stream().map(Cable::id).toList());
        Job next = CablingEdits.throughJoint(cables, new JointId(name), thin()).on(job);
        for (CableId id : cables) {
            double metres = job.cable(id).orElseThrow().metres();
            next = Edits.cableMetres(id, metres - trunkMetres).on(next);
        }
        CableId trunk = next.cables().stream()
                .map(Cable::id)
                .filter(id -> !before.contains(id))
                .findFirst()
                .orElseThrow();
        return Edits.cableMetres(trunk, trunkMetres).on(next);
    }

    /// Both ends of every core put where they belong, but of cables that are still loose.
    static Job terminated(Job job, List<CableId> loose, Instant at) {
        CorePlan plan = CorePlan.of(job);
        List<BoxPlan> places = new ArrayList<>(plan.boxes());
        job.cables().stream()
                .map(cable -> plan.at(cable, CableEnd.FAR))
                .flatMap(Optional::stream)
                .filter(place -> !places.contains(place))
                .forEach(places::add);
        Job next = job;
        for (BoxPlan place : places) {
            for (WiringStep step :
                    WiringRun.of(place, WiringRun.Order.CABLE_BY_CABLE).steps()) {
                if (!loose.contains(step.cableId())) {
                    next = CableEdits.terminated(step, at, false).on(next);
                }
            }
        }
        return next;
    }
}
