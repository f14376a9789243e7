package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.CableCheck;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.JointKind;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import java.util.List;
import java.util.stream.Stream;

/// Joints of a kind that nobody accepts, or that the house does otherwise.
public final class JointRefused implements CableCheck {
    /// Cores are joined in a way that nobody accepts, or that the firm does otherwise.
    public static final Rule RULE = new Rule(
            "joint-refused",
            Stop.CABLE,
            Grade.WRONG,
            "Cores are joined in a way that nobody accepts, or that the firm does otherwise.",
            "Bad joints open with heat and damp, months after the test, and the fault comes and goes.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, Cable cable) {
        PracticeOption house = facts.practice().option(PracticeQuestion.JOINTS);
        return cable.installation().asFound().joints().stream()
                .filter(kind -> kind.option().filter(house::equals).isEmpty())
                .map(kind -> finding(cable, kind, house));
    }

    private static Finding finding(Cable cable, JointKind kind, PracticeOption house) {
        String wanted = JointKind.valueOf(house.name()).words();
        return kind == JointKind.TWISTED
                ? RULE.finds(
                        Target.of(cable),
                        Text.of("Joints of %s are %s", cable.id(), kind.words()),
                        "They open with heat and damp, months after the test, and the fault comes and goes.",
                        Text.of("Make them anew, %s.", wanted))
                : RULE.finds(
                        Grade.NOTE,
                        Target.of(cable),
                        Text.of("Joints of %s are %s", cable.id(), kind.words()),
                        Text.of("This job has them %s; the next engineer looks for those.", wanted),
                        "Make them anew, or change the house rule for this job with its reason.");
    }
}
