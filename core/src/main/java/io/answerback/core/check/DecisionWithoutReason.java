package io.answerback.core.check;

import io.answerback.core.setup.SetupWords;
import io.answerback.core.site.Setup;
import io.answerback.core.wording.Terms;
import java.util.stream.Stream;

/// Something that was decided otherwise than usual, and nobody said why.
final class DecisionWithoutReason implements JobRule {
    static final String RULE = "decided-without-reason";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Terms terms = Terms.of(facts.job().practice());
        return facts.job().setup().decided().stream()
                .filter(decided -> decided.reason().isEmpty())
                .map(decided -> finding(decided, terms));
    }

    private static Finding finding(Setup.Decided decided, Terms terms) {
        String number = decided.number() == 0
                ? ""
                : "%s %02d, ".formatted(decided.decision().scope().counted(), decided.number());
        String says =
                number + SetupWords.says(decided.decision(), decided.decision().read(decided.value()), terms);
        return new Finding(
                "%s:%s %d".formatted(RULE, decided.decision(), decided.number()),
                Stop.SET_UP,
                Grade.TIGHT,
                "",
                "",
                Character.toUpperCase(says.charAt(0)) + says.substring(1),
                "That is not the usual answer, and nobody has said why: the next engineer will set it back.",
                "Give the reason on the decisions' sheet, or take the usual answer.");
    }
}
