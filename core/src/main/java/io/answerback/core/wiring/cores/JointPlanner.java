package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.JointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import java.util.List;
import java.util.Optional;

/// Works out what is joined to what in a box on the way: every core that goes on to the core that brings it,
/// supplies and data in one block, the tamper pairs in a ring.
final class JointPlanner {
    private static final List<Terminal> LID = List.of(
            new Terminal("lid in", TerminalUse.TAMPER, List.of(), 2, 0),
            new Terminal("lid out", TerminalUse.TAMPER, List.of(), 2, 0));
    private static final CoreTermination LID_IN = new CoreTermination.Under(0, false);
    private static final CoreTermination LID_OUT = new CoreTermination.Under(1, false);

    private final JointId joint;
    private final List<ConnectedEnd> coming;
    private final List<ConnectedEnd> trunks;
    private final List<ConnectedEnd> branches;
    private final boolean lid;
    private final RingPlanner ring;

    JointPlanner(JointId joint, List<ConnectedEnd> coming) {
        this.joint = joint;
        this.coming = coming;
        this.trunks = coming.stream().filter(one -> !one.near()).toList();
        this.branches = coming.stream().filter(ConnectedEnd::near).toList();
        this.lid = trunks.stream()
                .anyMatch(trunk -> trunk.colour(CoreNeed.shared(CoreUse.TAMPER)).isPresent());
        this.ring = new RingPlanner(branches, lid ? LID_OUT : toTrunk(CoreUse.TAMPER), toTrunk(CoreUse.TAMPER_RETURN));
    }

    BoxPlan plan() {
        List<CableCores> cables =
                coming.stream().map(one -> one.cores(this::termination)).toList();
        return new BoxPlan(joint, joint.text(), lid ? LID : List.of(), cables, ring.ring(), List.of());
    }

    private CoreTermination termination(ConnectedEnd one, CoreNeed need) {
        boolean tamper = need.use() == CoreUse.TAMPER || need.use() == CoreUse.TAMPER_RETURN;
        if (one.near()) {
            return tamper ? ring.termination(one, need.use()) : to(trunks, need, "no cable brings it here");
        }
        return tamper ? ofLid(need.use()) : to(branches, need, "nothing behind needs it");
    }

    private CoreTermination ofLid(CoreUse use) {
        return use == CoreUse.TAMPER ? LID_IN : ring.back(LID_OUT);
    }

    private CoreTermination toTrunk(CoreUse use) {
        return to(trunks, CoreNeed.shared(use), "no cable brings it here");
    }

    private static CoreTermination to(List<ConnectedEnd> others, CoreNeed need, String otherwise) {
        Optional<ConnectedEnd> carries =
                others.stream().filter(other -> other.colour(need).isPresent()).findFirst();
        return carries.or(() -> others.stream()
                        .filter(other -> other.colours() == null
                                || other.colours().lacking().contains(need))
                        .findFirst())
                .map(other -> ConnectedEnd.joined(other, need))
                .orElse(new CoreTermination.Nowhere(otherwise));
    }
}
