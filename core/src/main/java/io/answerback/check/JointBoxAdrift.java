package io.answerback.check;

import io.answerback.cores.BoxPlan;
import io.answerback.cores.Place;
import io.answerback.job.CableEnd;
import java.util.stream.Stream;

/// A joint box that no cable brings anything to, or from which none goes on.
final class JointBoxAdrift implements JobRule {
    static final String RULE = "joint-adrift";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .filter(box -> box.place().kind() == Place.Kind.JOINT_BOX)
                .flatMap(JointBoxAdrift::finding);
    }

    private static Stream<Finding> finding(BoxPlan box) {
        boolean brought = box.cables().stream().anyMatch(cable -> cable.end() == CableEnd.FAR);
        boolean onward = box.cables().stream().anyMatch(cable -> cable.end() == CableEnd.NEAR);
        return brought && onward
                ? Stream.empty()
                : Stream.of(new Finding(
                        RULE + ":" + box.name(),
                        Stop.CABLE,
                        Grade.WRONG,
                        "",
                        box.cables().getFirst().id(),
                        brought
                                ? "No cable goes on from joint box %s".formatted(box.name())
                                : "No cable comes to joint box %s from a box".formatted(box.name()),
                        brought
                                ? "What comes to it serves nothing."
                                : "What is joined in it ends there: its points cannot be measured.",
                        brought
                                ? "Let a cable begin there, or take this one to its device."
                                : "Add the cable from the box to it."));
    }
}
