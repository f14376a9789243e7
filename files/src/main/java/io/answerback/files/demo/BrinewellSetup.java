package io.answerback.files.demo;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingScope;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.TimedWalk;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupEdits;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/// The cold store's panel, typed half way: its zones, not yet its times; one code changed, and a walk that
/// takes longer than there is time.
final class BrinewellSetup {
    private static final String TYPED = "2026-05-11T13:00:00Z";
    private static final int SECONDS_EACH = 11;

    private BrinewellSetup() {}

    static Job on(Job job, DemoDay day) {
        Job next = users(job);
        next = SetupEdits.decide(Decision.QUICK_SET, 0, "yes").on(next);
        next = SetupEdits.decide(Decision.EXIT_BEEPS, 0, "no").on(next);
        next = SetupEdits.reason(Decision.EXIT_BEEPS, 0, "The dock crew asked for silence at night.")
                .on(next);
        next = SetupEdits.decide(Decision.SOUNDER_TIME, 0, "10").on(next);
        next = SetupEdits.reason(Decision.SOUNDER_TIME, 0, "The quay is far from the next house.")
                .on(next);
        next = SetupEdits.walk(new TimedWalk(
                        new PointId("01"),
                        new ModuleId("Keypad 1"),
                        List.of(new TimedWalk.Pace(new PointId("02"), 14), new TimedWalk.Pace(new PointId("03"), 26)),
                        38))
                .on(next);
        return typed(next, day);
    }

    private static Job users(Job job) {
        Job next = SetupEdits.user(new PanelProgramming.User(1, "Manager", List.of(1, 2, 3), Optional.of(1)))
                .on(job);
        next = SetupEdits.user(new PanelProgramming.User(2, "Dock foreman", List.of(2), Optional.of(3)))
                .on(next);
        next = SetupEdits.user(new PanelProgramming.User(3, "Cold room shift", List.of(2, 3), Optional.empty()))
                .on(next);
        return SetupEdits.code(new PanelProgramming.CodeNote(
                        "user-code", 1, true, "the manager, in the duty office", Optional.of(true)))
                .on(next);
    }

    /// Every zone's behaviour and area but the last two, one after the other.
    private static Job typed(Job job, DemoDay day) {
        List<EntryStep> steps = RunSheet.of(job).open().stream()
                .filter(step -> step.setting().scope() == SettingScope.ZONE
                        && step.setting().decision() != Decision.ZONE_NAME)
                .toList();
        Job next = job;
        Instant at = day.instant(TYPED);
        for (EntryStep step : steps.subList(0, steps.size() - 4)) {
            next = SetupEdits.typed(step, at, SECONDS_EACH).on(next);
            at = at.plusSeconds(SECONDS_EACH);
        }
        return next;
    }
}
