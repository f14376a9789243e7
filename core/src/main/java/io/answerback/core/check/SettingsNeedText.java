package io.answerback.core.check;

import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.profile.TextKeypads;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.site.Job;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Settings that need a keypad that shows text, on a job that has keypads with a fixed legend only.
final class SettingsNeedText implements JobRule {
    static final String RULE = "settings-need-text";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return job.panel().profile().bus().stream()
                .map(rule -> rule.text())
                .filter(text -> onlyFixedLegends(job, text))
                .map(text -> settings(facts, text))
                .filter(settings -> !settings.isEmpty())
                .map(SettingsNeedText::finding);
    }

    /// The entries that are to be typed and need text; what the profile says in general where it knows no
    /// settings.
    private static List<String> settings(JobFacts facts, TextKeypads text) {
        RunSheet sheet = facts.setup().sheet();
        return sheet.steps().isEmpty()
                ? text.settings()
                : sheet.needingText().stream()
                        .map(step -> step.setting().name())
                        .distinct()
                        .toList();
    }

    private static boolean onlyFixedLegends(Job job, TextKeypads text) {
        List<String> keypads = job.modules().stream()
                .map(module -> job.panel().profile().module(module.kindId()))
                .flatMap(Optional::stream)
                .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                .map(ModuleKind::id)
                .toList();
        return !keypads.isEmpty() && keypads.stream().noneMatch(text.kinds()::contains);
    }

    private static Finding finding(List<String> settings) {
        return new Finding(
                RULE,
                Stop.BUS,
                Grade.TIGHT,
                "",
                "",
                "No keypad on this job shows text",
                "At a fixed legend you work blind, and can wreck the programming. Text is needed for: %s."
                        .formatted(String.join(", ", settings)),
                "Bring a text keypad for the work, in the panel's temporary mode or deleted before you leave, or fit one.");
    }
}
