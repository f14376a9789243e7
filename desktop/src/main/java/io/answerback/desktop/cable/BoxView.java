package io.answerback.desktop.cable;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CoreEnd;
import io.answerback.core.wiring.cores.CorePath;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.PlannedCore;
import io.answerback.desktop.work.Focus;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The place and the cable that are looked at: those in focus, or else those the selected point leads to.
///
/// @param plan where every core of the job goes
/// @param box the place; empty when no cable comes to any
/// @param cable the cable's end there; empty when none is looked at
/// @param core the core of it that is looked at; empty for none
record BoxView(CorePlan plan, Optional<BoxPlan> box, Optional<CableCores> cable, Optional<PlannedCore> core) {
    static BoxView of(WindowState state) {
        CorePlan plan = state.assessment().get(CorePlan.FACT);
        Job job = state.job();
        Focus focus = state.focus();
        Optional<BoxPlan> named = focus.box().flatMap(plan::box);
        if (named.isPresent()) {
            BoxPlan box = named.get();
            Optional<CableCores> its = box.cables().stream()
                    .filter(cable -> cable.cable().ends().serves(state.selected()))
                    .findFirst();
            return of(plan, box, its.or(() -> Optional.of(box.cables().getFirst())), "");
        }
        Optional<Cable> cable = focus.cable().flatMap(job::cable).or(() -> job.cableTo(state.selected()));
        CableEnd other = focus.end() == CableEnd.NEAR ? CableEnd.FAR : CableEnd.NEAR;
        return cable.flatMap(
                        its -> at(plan, its, focus.end(), focus.core()).or(() -> at(plan, its, other, focus.core())))
                .or(() -> plan.boxes().stream().findFirst().map(box -> of(plan, box, Optional.empty(), "")))
                .orElse(new BoxView(plan, Optional.empty(), Optional.empty(), Optional.empty()));
    }

    /// The other end of the cable that is looked at, with the same core; empty when no cable is, or its other end
    /// is at no place yet.
    Optional<BoxView> otherEnd() {
        return cable.flatMap(its -> at(
                plan,
                its.cable(),
                its.end() == CableEnd.NEAR ? CableEnd.FAR : CableEnd.NEAR,
                core.map(PlannedCore::colour).orElse("")));
    }

    private static Optional<BoxView> at(CorePlan plan, Cable cable, CableEnd end, String core) {
        return plan.at(cable, end).map(box -> of(plan, box, box.cable(cable.id()), core));
    }

    private static BoxView of(CorePlan plan, BoxPlan box, Optional<CableCores> cable, String core) {
        Optional<PlannedCore> looked = cable.flatMap(its -> its.core(core));
        return new BoxView(plan, Optional.of(box), cable, looked);
    }

    /// The names there are to choose from: every box and joint box, and the device that is looked at.
    List<EndId> places() {
        List<EndId> places =
                new ArrayList<>(plan.boxes().stream().map(BoxPlan::place).toList());
        box.map(BoxPlan::place).filter(place -> !places.contains(place)).ifPresent(places::add);
        return places;
    }

    /// The whole way of the core that is looked at; empty when none is.
    Optional<CorePath> path() {
        return cable.flatMap(its -> core.flatMap(one -> plan.path(new CoreEnd(its.id(), one.colour()))));
    }

    static String words(Job job, EndId place) {
        return switch (place) {
            case ModuleId module -> job.nameOf(module);
            case JointId joint -> "joint box " + joint;
            case PointId point -> "device " + point;
        };
    }
}
