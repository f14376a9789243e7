package io.answerback.core.supply;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What flows through each cable, whether or not anything is known of the supply behind it: the devices at its
/// far end, or the module and all that hangs on it. A module with a supply of its own takes nothing and passes
/// nothing on.
///
/// @param cables everything is fed through these, by label
/// @param beginning the cables that begin at a module or joint box, by its name
/// @param lines everything that takes current, by part
/// @param ownSupply the modules that have a supply of their own
/// @param elsewhere what a part takes in an alarm from outputs that have limits of their own, in milliamps
record LoadsThrough(
        Map<CableId, Cable> cables,
        Map<BoxId, List<Cable>> beginning,
        Map<FedId, LoadLine> lines,
        Set<ModuleId> ownSupply,
        Map<FedId, Double> elsewhere) {
    LoadsThrough {
        cables = Map.copyOf(cables);
        beginning = Map.copyOf(beginning);
        lines = Map.copyOf(lines);
        ownSupply = Set.copyOf(ownSupply);
        elsewhere = Map.copyOf(elsewhere);
    }

    static LoadsThrough of(
            Parts job, Map<BoxId, List<Cable>> beginning, Map<FedId, LoadLine> lines, List<SoundOutput> outputs) {
        Set<ModuleId> ownSupply = new HashSet<>();
        for (PanelModule module : job.modules()) {
            job.kindOf(module).filter(ModuleKind::suppliesItself).ifPresent(kind -> ownSupply.add(module.id()));
        }
        Map<FedId, Double> elsewhere = new HashMap<>();
        outputs.stream()
                .filter(output -> output.limitMilliamps() > 0)
                .flatMap(output -> output.loads().stream())
                .forEach(load -> elsewhere.merge(load.part(), load.milliamps(), Double::sum));
        Map<CableId, Cable> cables =
                beginning.values().stream().flatMap(List::stream).collect(Collectors.toMap(Cable::id, cable -> cable));
        return new LoadsThrough(cables, beginning, lines, ownSupply, elsewhere);
    }

    double milliamps(Collection<CableId> cableIds, boolean alarm) {
        Set<CableId> seen = new HashSet<>();
        return cableIds.stream()
                .map(cables::get)
                .filter(Objects::nonNull)
                .mapToDouble(cable -> through(cable, alarm, seen))
                .sum();
    }

    private double through(Cable cable, boolean alarm, Set<CableId> seen) {
        if (!seen.add(cable.id())) {
            return 0;
        }
        double load = 0;
        for (PointId point : cable.ends().points()) {
            load += of(point, alarm);
        }
        Optional<ModuleId> module = cable.ends().module();
        if (module.filter(ownSupply::contains).isPresent()) {
            return load;
        }
        load += module.map(id -> of(id, alarm)).orElse(0.0);
        for (Cable onward : cable.ends().farBox().map(beginning::get).orElse(List.of())) {
            load += through(onward, alarm, seen);
        }
        return load;
    }

    private double of(FedId part, boolean alarm) {
        LoadLine line = lines.get(part);
        if (line == null) {
            return 0;
        }
        double other = alarm ? elsewhere.getOrDefault(part, 0.0) : 0;
        return Math.max(line.quiescentMilliamps(), line.milliamps(alarm) - other);
    }
}
