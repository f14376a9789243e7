package io.answerback.core.assess.remedy;

import io.answerback.core.engine.edit.CableLabels;
import io.answerback.core.model.cable.AsFound;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Edit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// A cable that brings a part its supply and nothing else; the cable that brought it before keeps the rest.
///
/// @param part the point or module
/// @param from the module with the supply
/// @param metres its length, in metres
/// @param beside the cable that went to the part before, whose place and temperatures it shares
record NewPair(FedId part, ModuleId from, double metres, Cable beside) {
    /// The edit that lays it in this type, its first core for plus and its second for the return.
    Edit laidAs(CableType type) {
        return new Edit("supply pair", part, job -> {
            CableEnds ends = switch (part) {
                case PointId point -> CableEnds.toPoints(List.of(point));
                case ModuleId module -> CableEnds.toModule(module);
            };
            Cable cable = new Cable(
                    CableLabels.free(job, part instanceof PointId point ? point : new PointId("01")),
                    ends.startingAt(Optional.of(from)),
                    metres,
                    type.conductor(),
                    beside.coldestCelsius(),
                    beside.hottestCelsius(),
                    installation(type));
            return job.withCables(
                    Stream.concat(job.cables().stream(), Stream.of(cable)).toList());
        });
    }

    private CableInstallation installation(CableType type) {
        Map<String, CoreUse> uses = Map.of(
                type.colours().get(0), CoreUse.SUPPLY,
                type.colours().get(1), CoreUse.SUPPLY_RETURN);
        CableInstallation old = beside.installation();
        return CableInstallation.PLANNED
                .withRoute(old.route(), old.outdoors(), old.besideMains())
                .withType(type)
                .withInRing(false)
                .withAsFound(new AsFound(uses, Optional.empty(), null));
    }
}
