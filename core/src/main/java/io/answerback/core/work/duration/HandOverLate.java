package io.answerback.core.work.duration;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.service.Crew;
import java.util.List;
import java.util.stream.Stream;

/// The work that is left does not fit into the days until the job is handed over, by the working values of the trade: a
/// firm's own rates are known to the sheet "Time" only.
public final class HandOverLate implements JobCheck {
    /// The work that is left takes longer than there is time.
    public static final Rule RULE = new Rule(
            "hand-over-late",
            Stop.HAND_OVER,
            Grade.TIGHT,
            "The work that is left takes longer than there is time.",
            "Said early, somebody can help or the day can be moved.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Crew crew = facts.service().crew();
        if (crew.handOverOn().isEmpty()) {
            return Stream.empty();
        }
        return facts
                .of(Today.GIVEN)
                .map(today -> DayPlan.of(WorkTime.byStop(facts.of(WorkCounts.FACT), Rates.USUAL), crew, today))
                .filter(plan -> plan.late().isPresent())
                .map(plan -> finding(plan, crew))
                .stream();
    }

    private static Finding finding(DayPlan plan, Crew crew) {
        return RULE.finds(
                        new Target.OfJob(),
                        Text.of(
                                "Ready on %s, to be handed over on %s",
                                plan.days().getLast().date(), plan.late().orElseThrow()),
                        Text.of(
                                "%d people at %.1f hours a day need %d more working days by the working values.",
                                crew.people(), crew.hoursADay(), plan.days().size()),
                        "Add somebody, work longer, or agree another day; the sheet \"Time\" says which stop takes how long.")
                .of("");
    }
}
