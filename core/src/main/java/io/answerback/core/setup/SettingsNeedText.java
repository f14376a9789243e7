package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.TextKeypads;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Settings that need a keypad that shows text, on a job that has keypads with a fixed legend only.
public final class SettingsNeedText implements JobCheck {
    /// Settings need a text keypad, and the job has fixed-legend keypads only.
    public static final Rule RULE = new Rule(
            "settings-need-text",
            Stop.BUS,
            Grade.TIGHT,
            "Settings need a text keypad, and the job has fixed-legend keypads only.",
            "At a fixed legend you work blind, and can wreck the programming.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        return job.panel().profile().bus().stream()
                .map(rule -> rule.text())
                .filter(text -> onlyFixedLegends(job, text))
                .map(text -> settings(facts, text))
                .filter(settings -> !settings.isEmpty())
                .map(SettingsNeedText::finding);
    }

    /// The entries that are to be typed and need text; what the profile says in general where it knows no
    /// settings.
    private static List<String> settings(Facts facts, TextKeypads text) {
        RunSheet sheet = facts.of(SetupState.FACT).sheet();
        return sheet.steps().isEmpty()
                ? text.settings()
                : sheet.needingText().stream()
                        .map(step -> step.setting().name())
                        .distinct()
                        .toList();
    }

    private static boolean onlyFixedLegends(Parts job, TextKeypads text) {
        List<String> keypads = job.modules().stream()
                .map(module -> job.kindOf(module))
                .flatMap(Optional::stream)
                .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                .map(ModuleKind::id)
                .toList();
        return !keypads.isEmpty() && keypads.stream().noneMatch(text.kinds()::contains);
    }

    private static Finding finding(List<String> settings) {
        return RULE.finds(
                new Target.OfJob(),
                "No keypad on this job shows text",
                Text.of(
                        "At a fixed legend you work blind, and can wreck the programming. Text is needed for: %s.",
                        String.join(", ", settings)),
                "Bring a text keypad for the work, in the panel's temporary mode or deleted before you leave, or fit one.");
    }
}
