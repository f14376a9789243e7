package io.answerback.core.cable;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Follows the cables of a job from its devices through joint boxes to where they come to a box.
public final class CableRuns {
    private final Map<String, Cable> toPoint = new HashMap<>();
    private final Map<String, Cable> toJoint = new HashMap<>();

    /// The runs of some cables. Where several go to one device or joint box, loops run through the first.
    public CableRuns(List<Cable> cables) {
        for (Cable cable : cables) {
            cable.ends().points().forEach(id -> toPoint.putIfAbsent(id, cable));
            if (!cable.ends().joint().isEmpty()) {
                toJoint.putIfAbsent(cable.ends().joint(), cable);
            }
        }
    }

    /// The run of a point's loop; empty when no cable goes to its device. A run that comes back to a joint box
    /// it has been through ends there.
    public Optional<CableRun> to(String pointId) {
        Cable cable = toPoint.get(pointId);
        if (cable == null) {
            return Optional.empty();
        }
        Set<Cable> through = new HashSet<>();
        List<Cable> run = new ArrayList<>();
        while (cable != null && through.add(cable)) {
            run.add(cable);
            cable = toJoint.get(cable.ends().from());
        }
        return Optional.of(new CableRun(run));
    }
}
