package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/// A joint box that no cable brings anything to, or from which none goes on, or that is fed by others in a
/// circle only.
public final class JointBoxAdrift implements JobCheck {
    /// No cable brings anything to a joint box, or none goes on from it.
    public static final Rule RULE = new Rule(
            "joint-adrift",
            Stop.CABLE,
            Grade.WRONG,
            "No cable brings anything to a joint box, or none goes on from it.",
            "What is joined in it ends there.");

    /// Joint boxes are fed by each other only.
    public static final Rule CIRCLE = new Rule(
            "joint-circle",
            Stop.CABLE,
            Grade.WRONG,
            "Joint boxes are fed by each other only.",
            "Nothing that is joined in them reaches an input.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, CIRCLE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Map<JointId, BoxPlan> joints = new LinkedHashMap<>();
        for (BoxId box : facts.of(CorePlan.PLACES)) {
            if (box instanceof JointId joint) {
                joints.put(joint, facts.of(CorePlan.BOX, joint));
            }
        }
        Set<BoxId> fed = fed(facts, joints.keySet());
        return joints.entrySet().stream()
                .flatMap(joint -> Stream.concat(
                        finding(joint.getValue()),
                        fed.contains(joint.getKey()) ? Stream.empty() : circle(joint.getValue())));
    }

    /// The joint boxes a cable from somewhere else than a joint box leads to, at once or over others.
    private static Set<BoxId> fed(Facts facts, Set<JointId> joints) {
        Set<BoxId> fed = new HashSet<>();
        boolean more = true;
        while (more) {
            more = false;
            for (JointId joint : joints) {
                more |= facts.cablesTo(joint).stream()
                                .anyMatch(cable -> cable.ends().from().stream()
                                        .noneMatch(from -> from instanceof JointId
                                                && joints.contains(from)
                                                && !fed.contains(from)))
                        && fed.add(joint);
            }
        }
        return fed;
    }

    private static Stream<Finding> circle(BoxPlan box) {
        List<CableId> bring = box.cables().stream()
                .filter(cable -> cable.end() == CableEnd.FAR)
                .map(CableCores::id)
                .toList();
        return bring.isEmpty()
                ? Stream.empty()
                : Stream.of(CIRCLE.finds(
                                new Target.OfCable(bring.getFirst()),
                                Text.of("Joint box %s is fed by joint boxes only", box.title()),
                                Text.of(
                                        "%s comes from a box that is fed from here: nothing joined in it reaches an input.",
                                        Text.listed(bring)),
                                Text.of("Let %s begin at the panel or at a module.", bring.getFirst()))
                        .of(box.title()));
    }

    private static Stream<Finding> finding(BoxPlan box) {
        boolean brought = box.cables().stream().anyMatch(cable -> cable.end() == CableEnd.FAR);
        boolean onward = box.cables().stream().anyMatch(cable -> cable.end() == CableEnd.NEAR);
        return brought && onward
                ? Stream.empty()
                : Stream.of(RULE.finds(
                                new Target.OfCable(box.cables().getFirst().id()),
                                brought
                                        ? Text.of("No cable goes on from joint box %s", box.title())
                                        : Text.of("No cable comes to joint box %s from a box", box.title()),
                                brought
                                        ? "What comes to it serves nothing."
                                        : "What is joined in it ends there: its points cannot be measured.",
                                brought
                                        ? "Let a cable begin there, or take this one to its device."
                                        : "Add the cable from the box to it.")
                        .of(box.title()));
    }
}
