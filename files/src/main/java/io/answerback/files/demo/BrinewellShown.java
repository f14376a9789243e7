package io.answerback.files.demo;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.shown.LineIds;
import io.answerback.core.model.shown.Measured;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.files.DataFiles;
import java.time.Instant;
import java.util.List;

/// What was shown of the warehouse so far: thirteen lines hold, and one is stale because its cable was found to be
/// longer afterwards.
final class BrinewellShown {
    private static final List<String> WALKED = List.of("01", "02", "04", "05", "06", "10", "11", "12", "17", "22");
    private static final String STALE = "09";
    private static final CableId LONGER = new CableId("C-11");
    private static final double METRES_BEFORE = 48;
    private static final String WALK = "2026-05-12T13:05:00Z";
    private static final String BY = "jk";

    private BrinewellShown() {}

    static Job on(Job job, DemoDay day) {
        AcceptancePlan plan = plan(job);
        Job next = job;
        Instant walk = day.instant(WALK);
        int minutes = 0;
        for (String point : WALKED) {
            next = live(next, plan, LineIds.POINT + point, walk.plusSeconds(60L * (minutes += 3)));
        }
        AcceptancePlan before = plan(Edits.cableMetres(LONGER, METRES_BEFORE).on(job));
        next = live(next, before, LineIds.POINT + STALE, walk.plusSeconds(60L * (minutes += 3)));
        return byHand(next, plan, walk, minutes);
    }

    private static AcceptancePlan plan(Job job) {
        return AcceptancePlan.of(job, DataFiles.events());
    }

    /// A line that the real communicator showed.
    ///
    /// @param then what had to be shown at that time
    private static Job live(Job job, AcceptancePlan then, String lineId, Instant at) {
        AcceptanceLine line = then.line(lineId).orElseThrow();
        return AcceptanceEdits.shown(
                        new Showing(lineId, Showing.Way.LIVE, BY, at, "its signals came as planned", line.basis()))
                .on(job);
    }

    private static Job byHand(Job job, AcceptancePlan plan, Instant walk, int after) {
        Job next = job;
        int minutes = after;
        for (AcceptanceLine line : plan.lines()) {
            if (line.id().startsWith("sounder:") || line.id().startsWith("strobe:")) {
                minutes += 4;
                next = AcceptanceEdits.shown(shown(line, walk.plusSeconds(60L * minutes)))
                        .on(next);
            }
        }
        return next;
    }

    private static Showing shown(AcceptanceLine line, Instant at) {
        Showing showing = new Showing(line.id(), Showing.Way.HAND, BY, at, line.seen(), line.basis());
        return line.wants().isEmpty()
                ? showing
                : showing.withMeasured(List.of(
                        new Measured(LineFigure.DECIBELS, line.id().endsWith(":soft") ? 96 : 104),
                        new Measured(LineFigure.METRES, 3)));
    }
}
