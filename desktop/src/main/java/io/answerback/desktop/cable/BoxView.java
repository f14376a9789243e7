package io.answerback.desktop.cable;

import io.answerback.cores.BoxPlan;
import io.answerback.cores.CableCores;
import io.answerback.cores.CorePlan;
import io.answerback.desktop.desk.DeskState;
import java.util.Optional;

/// The box and the cable the selected point leads to.
///
/// @param plan where every core of the job goes
/// @param box the box; empty when no cable comes to any
/// @param cable the selected point's cable at it; empty when it has none there
record BoxView(CorePlan plan, Optional<BoxPlan> box, Optional<CableCores> cable) {
    static BoxView of(DeskState state) {
        CorePlan plan = state.assessment().facts().cores();
        Optional<CableCores> cable = state.job().cableTo(state.selected()).flatMap(its -> plan.cable(its.id()));
        Optional<BoxPlan> box = cable.flatMap(its -> plan.boxOf(its.cable().id()))
                .or(() -> plan.boxes().stream().findFirst());
        return new BoxView(plan, box, cable);
    }
}
