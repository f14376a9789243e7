package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.PanelProgramming;
import java.util.List;
import java.util.stream.Stream;

/// Something that was decided otherwise than usual, and nobody said why.
public final class DecisionWithoutReason implements JobCheck {
    /// Something was decided otherwise than usual, without a reason.
    public static final Rule RULE = new Rule(
            "decided-without-reason",
            Stop.SET_UP,
            Grade.TIGHT,
            "Something was decided otherwise than usual, without a reason.",
            "The next engineer will set it back.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Terms terms = Terms.of(facts.practice());
        return facts.setup().decided().stream()
                .filter(decided -> wantsReason(facts.practice(), decided))
                .map(decided -> finding(decided, terms));
    }

    /// Whether a reason is missing: none was given, and it is not within what the rules leave open.
    public static boolean wantsReason(Practice practice, PanelProgramming.Decided decided) {
        return decided.reason().isEmpty() && !withinTheRules(practice, decided);
    }

    /// Times to come in and to leave are made for the building: within the limits of the rules they need no reason.
    private static boolean withinTheRules(Practice practice, PanelProgramming.Decided decided) {
        return switch (decided.decision()) {
            case ENTRY_TIME -> within(practice, decided, RuleFigure.LEAST_ENTRY_SECONDS, RuleFigure.ENTRY_SECONDS);
            case EXIT_TIME -> within(practice, decided, RuleFigure.LEAST_EXIT_SECONDS, RuleFigure.EXIT_SECONDS);
            default -> false;
        };
    }

    private static boolean within(
            Practice practice, PanelProgramming.Decided decided, RuleFigure least, RuleFigure most) {
        return decided.decision().read(decided.value()) instanceof SettingValue.Amount(double seconds)
                && seconds >= practice.figure(least)
                && seconds <= practice.figure(most);
    }

    private static Finding finding(PanelProgramming.Decided decided, Terms terms) {
        String number = decided.number() == 0
                ? ""
                : Text.of("%s %02d, ", decided.decision().scope().counted(), decided.number());
        String says =
                number + SetupWords.says(decided.decision(), decided.decision().read(decided.value()), terms);
        return RULE.finds(
                        new Target.OfJob(),
                        Character.toUpperCase(says.charAt(0)) + says.substring(1),
                        "That is not the usual answer, and nobody has said why: the next engineer will set it back.",
                        "Give the reason on the decisions' sheet, or take the usual answer.")
                .of(Text.of("%s %d", decided.decision(), decided.number()));
    }
}
