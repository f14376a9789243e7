package io.answerback.core.engine.edit;

import io.answerback.core.model.shown.Acceptance;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.OnTest;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Edit;
import java.util.List;
import java.util.Optional;

/// Edits to what was shown, and to the test at the station.
public final class AcceptanceEdits {
    private AcceptanceEdits() {}

    /// Keeps that a line was shown, in place of what was shown of it in that way.
    public static Edit shown(Showing showing) {
        return new Edit(
                "line shown " + showing.way().words(),
                job -> job.withAcceptance(job.acceptance().with(showing)));
    }

    /// Takes back that a line was shown in a way.
    public static Edit notShown(String lineId, Showing.Way way) {
        return new Edit(
                "line not shown " + way.words(),
                job -> job.withAcceptance(job.acceptance().without(lineId, way)));
    }

    /// Keeps what a walk found wrong until it is shown to be right, or dismissed.
    public static Edit found(List<FoundOnWalk> found) {
        return new Edit("what the walk found", job -> {
            Acceptance acceptance = job.acceptance();
            for (FoundOnWalk its : found) {
                acceptance = acceptance.with(its);
            }
            return job.withAcceptance(acceptance);
        });
    }

    /// Dismisses what a walk found.
    ///
    /// @param reason why; a blank one is refused
    public static Edit dismissed(FoundOnWalk found, String reason) {
        return new Edit(
                "dismissed: " + found.says(),
                job -> job.withAcceptance(job.acceptance().dismissing(found, reason)));
    }

    /// Puts the account on test at the station, or takes it off.
    public static Edit onTest(Optional<OnTest> other) {
        return new Edit(
                other.isPresent() ? "account on test" : "account off test",
                job -> job.withAcceptance(job.acceptance().withOnTest(other)));
    }
}
