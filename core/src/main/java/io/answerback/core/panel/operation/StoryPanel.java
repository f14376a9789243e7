package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.PanelManners;
import java.util.Optional;

/// What the panel of a story does differently from that of the job it is played on; empty where it is that of the
/// job.
///
/// @param manners what it does of itself
/// @param confirmationMillis within which time a second zone confirms, in milliseconds; 0 where none is asked for
/// @param exitRestarts whether the exit time begins again, once, when the door is opened again
/// @param fireVerified whether a fire zone has to alarm twice
/// @param resetBy who resets it after a confirmed alarm
public record StoryPanel(
        Optional<PanelManners> manners,
        Optional<Long> confirmationMillis,
        Optional<Boolean> exitRestarts,
        Optional<Boolean> fireVerified,
        Optional<ResetBy> resetBy) {
    /// The panel of the job.
    public static final StoryPanel OF_JOB =
            new StoryPanel(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    private static final long MOST_MILLIS = 86_400_000;

    /// @throws IllegalArgumentException when the confirmation time is below 0 or above a day
    public StoryPanel {
        if (confirmationMillis
                .filter(millis -> millis < 0 || millis > MOST_MILLIS)
                .isPresent()) {
            throw new IllegalArgumentException("the confirmation time of a story is from 0 to 1440 min");
        }
    }

    /// What a panel goes by in the story, where it is programmed like this.
    public OperationRules on(OperationRules programmed) {
        OperationRules.Times times = programmed.times();
        return new OperationRules(
                programmed.areas(),
                programmed.zones(),
                programmed.users(),
                programmed.outputs(),
                new OperationRules.Times(
                        times.sounderMillis(),
                        confirmationMillis.orElse(times.confirmationMillis()),
                        times.reportDelayMillis(),
                        times.testMillis(),
                        times.warningMillis()),
                options(programmed.options()),
                manners.orElse(programmed.manners()),
                programmed.paths());
    }

    private OperationRules.Options options(OperationRules.Options its) {
        return new OperationRules.Options(
                its.mostAlarms(),
                its.forcedSet(),
                its.quickSet(),
                its.restoresSet(),
                its.exitBeeps(),
                its.reportsSetting(),
                its.reportsTroubles(),
                exitRestarts.orElse(its.exitRestarts()),
                fireVerified.orElse(its.fireVerified()),
                resetBy.orElse(its.resetBy()));
    }
}
