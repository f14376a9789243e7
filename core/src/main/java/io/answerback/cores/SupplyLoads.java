package io.answerback.cores;

import io.answerback.job.Cable;
import io.answerback.job.Job;
import io.answerback.job.ModuleKind;
import io.answerback.job.Point;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/// Adds up what is fed through each cable: the devices at its far end, or the module and all that hangs on it. A module
/// with a supply of its own takes nothing and passes nothing on.
final class SupplyLoads {
    private final Map<String, Point> points;
    private final Map<String, ModuleKind> kinds = new HashMap<>();
    private final Function<String, List<Cable>> beginningAt;

    /// @param beginningAt the cables whose near end comes to a module or joint box
    SupplyLoads(Job job, Map<String, Point> points, Function<String, List<Cable>> beginningAt) {
        this.points = points;
        this.beginningAt = beginningAt;
        job.modules()
                .forEach(module -> job.panel()
                        .profile()
                        .module(module.kindId())
                        .ifPresent(kind -> kinds.put(module.name(), kind)));
    }

    SupplyLoad through(Cable cable) {
        return through(cable, new HashSet<>());
    }

    private SupplyLoad through(Cable cable, Set<Cable> seen) {
        if (!seen.add(cable)) {
            return SupplyLoad.NONE;
        }
        SupplyLoad load = SupplyLoad.NONE;
        for (String id : cable.ends().points()) {
            load = load.and(ofPoint(points.get(id)));
        }
        String module = cable.ends().module();
        if (!module.isEmpty()) {
            ModuleKind kind = kinds.get(module);
            if (kind == null || kind.ownSupply()) {
                return SupplyLoad.NONE;
            }
            load = load.and(new SupplyLoad(kind.milliamps(), kind.milliamps()));
        }
        for (Cable onward : beginningAt.apply(module + cable.ends().joint())) {
            load = load.and(through(onward, seen));
        }
        return load;
    }

    private static SupplyLoad ofPoint(Point point) {
        return CoreNeeds.powered(point)
                ? point.kind()
                        .powering()
                        .map(power -> new SupplyLoad(power.quiescentMilliamps(), power.alarmMilliamps()))
                        .orElse(SupplyLoad.NONE)
                : SupplyLoad.NONE;
    }
}
