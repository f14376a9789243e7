package io.answerback.core.check;

import io.answerback.core.cable.Cable;
import io.answerback.core.practice.JointKind;
import io.answerback.core.practice.Question;
import io.answerback.core.practice.School;
import java.util.stream.Stream;

/// Joints of a kind that nobody accepts, or that the house does otherwise.
final class JointRefused implements JobRule {
    static final String RULE = "joint-refused";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        School house = facts.job().practice().school(Question.JOINTS);
        return facts.job().cables().stream()
                .flatMap(cable -> cable.laying().asFound().joints().stream()
                        .filter(kind -> kind.school().filter(house::equals).isEmpty())
                        .map(kind -> finding(cable, kind, house)));
    }

    private static Finding finding(Cable cable, JointKind kind, School house) {
        String wanted = JointKind.valueOf(house.name()).words();
        return kind == JointKind.TWISTED
                ? Finding.of(
                        RULE,
                        Grade.WRONG,
                        cable,
                        "Joints of %s are %s".formatted(cable.id(), kind.words()),
                        "They open with heat and damp, months after the test, and the fault comes and goes.",
                        "Make them anew, %s.".formatted(wanted))
                : Finding.of(
                        RULE,
                        Grade.NOTE,
                        cable,
                        "Joints of %s are %s".formatted(cable.id(), kind.words()),
                        "This job has them %s; the next engineer looks for those.".formatted(wanted),
                        "Make them anew, or change the house rule for this job with its reason.");
    }
}
