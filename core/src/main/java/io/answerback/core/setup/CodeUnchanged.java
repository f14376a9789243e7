package io.answerback.core.setup;

import io.answerback.core.engine.finding.Begun;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.site.PanelProgramming;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A code that is still the maker's, or that was seen to be the same as another. Digits are never known here.
public final class CodeUnchanged implements JobCheck {
    /// A code is still the one the maker delivers.
    public static final Rule STILL = new Rule(
            "code-still-the-makers",
            Stop.SET_UP,
            Grade.WRONG,
            "A code is still the one the maker delivers.",
            "Anybody who knows the panel can unset it or reprogram it.");

    /// A code is the same as another.
    public static final Rule SAME = new Rule(
            "code-same-as-another",
            Stop.SET_UP,
            Grade.WRONG,
            "A code is the same as another.",
            "Nobody can tell afterwards who used it.");

    /// Whether a finding says of a code that it is still the maker's or the same as another.
    public static boolean isAbout(Finding finding) {
        return finding.rule().equals(STILL) || finding.rule().equals(SAME);
    }

    @Override
    public List<Rule> rules() {
        return List.of(STILL, SAME);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(SetupState.FACT).sheet().steps().stream()
                .filter(step -> step.setting().form().kind() == EntryForm.Kind.SECRET)
                .flatMap(step -> finding(facts, step).stream());
    }

    private static Optional<Finding> finding(Facts facts, EntryStep step) {
        Optional<PanelProgramming.CodeNote> note =
                facts.setup().code(step.setting().id(), step.number());
        String code = step.of().isEmpty()
                ? step.setting().name()
                : Text.of("%s, %s", step.setting().name(), step.of());
        if (note.filter(PanelProgramming.CodeNote::changed).isEmpty()) {
            return Optional.of(of(
                    STILL,
                    Begun.programming(facts) ? Grade.WRONG : Grade.NOTE,
                    step.key(),
                    Text.of("%s: still the maker's", code),
                    "It stands in the manual, and whoever has that can work this panel.",
                    "Change it, and write down here that it was changed and who holds it; never the digits."));
        }
        return note.flatMap(PanelProgramming.CodeNote::differs)
                .filter(differs -> !differs)
                .map(same -> of(
                        SAME,
                        Grade.WRONG,
                        step.key(),
                        Text.of("%s: the same as another code", code),
                        "The panel cannot tell who it was, and an engineer's code that is a user's opens everything.",
                        "Choose another, and compare them again."));
    }

    private static Finding of(Rule rule, Grade grade, String of, String says, String why, String remedy) {
        return rule.finds(grade, new Target.OfJob(), says, why, remedy).of(of);
    }
}
