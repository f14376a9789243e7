package io.answerback.setup;

import io.answerback.job.Job;
import java.util.List;

/// How a panel is to be set up, and how far it is.
///
/// @param sheet every entry
/// @param walks the ways in, walked
public record SetupState(RunSheet sheet, List<EntryWalk> walks) {
    public SetupState {
        walks = List.copyOf(walks);
    }

    /// The set-up of a job.
    public static SetupState of(Job job) {
        return new SetupState(RunSheet.of(job), EntryWalk.of(job));
    }
}
