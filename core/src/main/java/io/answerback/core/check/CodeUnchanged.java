package io.answerback.core.check;

import io.answerback.core.profile.EntryForm;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.site.Job;
import io.answerback.core.site.Setup;
import java.util.Optional;
import java.util.stream.Stream;

/// A code that is still the maker's, or that was seen to be the same as another. Digits are never known here.
final class CodeUnchanged implements JobRule {
    static final String STILL = "code-still-the-makers";
    static final String SAME = "code-same-as-another";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.setup().sheet().steps().stream()
                .filter(step -> step.setting().form().kind() == EntryForm.Kind.SECRET)
                .flatMap(step -> finding(facts.job(), step).stream());
    }

    private static Optional<Finding> finding(Job job, EntryStep step) {
        Optional<Setup.CodeNote> note = job.setup().code(step.setting().id(), step.number());
        String code = step.of().isEmpty()
                ? step.setting().name()
                : "%s, %s".formatted(step.setting().name(), step.of());
        if (note.filter(Setup.CodeNote::changed).isEmpty()) {
            return Optional.of(of(
                    STILL + ":" + step.key(),
                    "%s: still the maker's".formatted(code),
                    "It stands in the manual, and whoever has that can work this panel.",
                    "Change it, and write down here that it was changed and who holds it; never the digits."));
        }
        return note.flatMap(Setup.CodeNote::differs)
                .filter(differs -> !differs)
                .map(same -> of(
                        SAME + ":" + step.key(),
                        "%s: the same as another code".formatted(code),
                        "The panel cannot tell who it was, and an engineer's code that is a user's opens everything.",
                        "Choose another, and compare them again."));
    }

    private static Finding of(String id, String says, String why, String remedy) {
        return new Finding(id, Stop.SET_UP, Grade.WRONG, "", "", says, why, remedy);
    }
}
