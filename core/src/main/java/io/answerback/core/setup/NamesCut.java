package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.SettingValue;
import java.util.List;
import java.util.stream.Stream;

/// Names that are longer than the panel's keypads show, and are cut when they are typed.
public final class NamesCut implements JobCheck {
    /// Names are longer than the keypads show.
    public static final Rule RULE = new Rule(
            "names-cut",
            Stop.SET_UP,
            Grade.NOTE,
            "Names are longer than the keypads show.",
            "Two rooms may read the same on the keypad.");

    private static final int NAMED = 3;

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<String> cut = facts.of(SetupState.FACT).sheet().steps().stream()
                .filter(NamesCut::cut)
                .map(step ->
                        Text.of("\"%s\" to \"%s\"", name(step), step.entry().orElseThrow()))
                .toList();
        return cut.isEmpty() ? Stream.empty() : Stream.of(finding(cut));
    }

    private static boolean cut(EntryStep step) {
        return step.setting().form().kind() == EntryForm.Kind.WORDS
                && step.wanted().filter(SettingValue.Named.class::isInstance).isPresent()
                && step.entry()
                        .filter(entry -> entry.length() < name(step).length())
                        .isPresent();
    }

    private static String name(EntryStep step) {
        return step.wanted().map(SettingValue::text).orElse("");
    }

    private static Finding finding(List<String> cut) {
        String more = cut.size() > NAMED ? Text.of(" and %d more", cut.size() - NAMED) : "";
        return RULE.finds(
                new Target.OfJob(),
                cut.size() == 1
                        ? "One name is cut to fit the display"
                        : Text.of("%d names are cut to fit the display", cut.size()),
                Text.of("%s%s.", String.join(", ", cut.subList(0, Math.min(NAMED, cut.size()))), more),
                "Decide a shorter name, so that nobody has to guess what was cut.");
    }
}
