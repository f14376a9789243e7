package io.answerback.core.work.servicing;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.model.service.Visit;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.work.servicing.ServiceTask.Why;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/// What a service visit has to do: what is due by its date, what drifts, what is stale or open, what was left out
/// before, mains and battery, and a tenth of the rest in turn. It plans itself from the job; without a day to
/// judge by, nothing is due.
public final class ServicePlan {
    /// The tasks of a visit that is made on the day the job is judged on, most pressing first.
    public static final Fact<List<ServiceTask>> FACT =
            Fact.of("service visit", facts -> new ServicePlan(facts).tasks());

    /// What falls due within this many months is done on this visit, because the next one is too late.
    private static final int AHEAD_MONTHS = 6;

    private final Facts facts;
    private final List<ServiceTask> tasks = new ArrayList<>();

    private ServicePlan(Facts facts) {
        this.facts = facts;
    }

    private List<ServiceTask> tasks() {
        facts.of(Today.GIVEN).ifPresent(this::due);
        facts.of(Drift.FACT).forEach(trend -> tasks.add(new ServiceTask(Why.DRIFTS, trend.of(), trend.words())));
        leftOut();
        lines();
        tasks.sort(Comparator.comparing(ServiceTask::why));
        return List.copyOf(tasks);
    }

    private void due(LocalDate today) {
        LocalDate until = today.plusMonths(AHEAD_MONTHS);
        facts.of(DueDates.FACT).stream()
                .filter(due -> due.kind() != DueDate.Kind.VISIT && due.kind() != DueDate.Kind.DRIFT)
                .filter(due -> !due.date().isAfter(until))
                .forEach(due -> tasks.add(new ServiceTask(
                        Why.DUE, "Replace or renew the " + due.what(), "due " + due.date() + ", " + due.why())));
    }

    private void leftOut() {
        facts.service()
                .last()
                .map(Visit::leftOut)
                .orElse(List.of())
                .forEach(out -> tasks.add(new ServiceTask(Why.LEFT_OUT, out.what(), out.why())));
    }

    private void lines() {
        List<LineState> lines = facts.of(AcceptancePlan.STATES);
        Map<String, LineState> states =
                lines.stream().collect(Collectors.toMap(state -> state.line().id(), Function.identity()));
        for (AcceptanceLine line :
                facts.of(AcceptancePlan.FACT).ofService(lines).lines()) {
            LineState state = states.get(line.id());
            tasks.add(new ServiceTask(why(state), "Show: " + line.title(), because(state)));
        }
    }

    private static Why why(LineState state) {
        if (!state.stale().isEmpty()) {
            return Why.STALE;
        }
        if (!state.shown()) {
            return Why.NOT_SHOWN;
        }
        return AcceptancePlan.everyVisit(state.line()) ? Why.EVERY_VISIT : Why.IN_TURN;
    }

    private static String because(LineState state) {
        if (!state.stale().isEmpty()) {
            return String.join("; ", state.stale());
        }
        return state.shown()
                ? "shown " + state.best().orElseThrow().way().words() + " "
                        + state.best().orElseThrow().at().toString().substring(0, 10)
                : "not shown on the real panel yet";
    }
}
