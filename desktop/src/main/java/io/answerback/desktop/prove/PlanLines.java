package io.answerback.desktop.prove;

import io.answerback.core.assess.Assessment;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.Expected;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.signal.event.EventTable;
import io.answerback.files.DataFiles;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/// The plan of the open job with how each line stands, in words.
final class PlanLines {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);

    private List<LineState> states = List.of();
    private EventTable events = DataFiles.events();

    /// Looks at what was computed of a job.
    PlanLines of(Assessment assessment) {
        states = assessment.get(AcceptancePlan.STATES);
        events = DataFiles.events().in(Terms.of(assessment.job().practice()));
        return this;
    }

    AcceptancePlan plan() {
        return new AcceptancePlan(states.stream().map(LineState::line).toList(), events);
    }

    List<LineState> states() {
        return states;
    }

    LineState state(String id) {
        return states.stream()
                .filter(state -> state.line().id().equals(id))
                .findFirst()
                .orElse(states.getFirst());
    }

    /// How far it has come and how long the rest takes, in a few words.
    String progress() {
        long shown = states.stream().filter(LineState::shown).count();
        double left = states.stream()
                .filter(state -> !state.shown())
                .mapToDouble(state -> state.line().minutes())
                .sum();
        return "%d of %d shown · about %.0f min left".formatted(shown, states.size(), left);
    }

    private static String measured(Showing showing) {
        return showing.measured().stream().map(its -> ", " + its.words()).collect(Collectors.joining());
    }

    static Mark mark(LineState state) {
        if (state.shown()) {
            return Mark.PROVEN;
        }
        if (state.found().isPresent()) {
            return Mark.WRONG;
        }
        return state.best().isEmpty() ? Mark.NOT_DONE : Mark.TIGHT;
    }

    /// What has to arrive, or what has to be seen.
    static String wanted(AcceptanceLine line) {
        return line.expects().isEmpty()
                ? line.seen()
                : line.expects().stream().map(Expected::words).collect(Collectors.joining(", then "));
    }

    /// How it was shown, or everything that is against it.
    static String standing(LineState state) {
        if (state.found().isPresent()) {
            FoundOnWalk found = state.found().get();
            return "%s (%s, %s)"
                    .formatted(found.says(), found.by(), TIME.format(found.at().atZone(ZoneId.systemDefault())));
        }
        if (state.best().isEmpty()) {
            return state.line().possible() ? "not shown" : "not shown: nothing can arrive as the job stands";
        }
        Showing best = state.best().get();
        String how = "%s, %s, %s"
                .formatted(best.way().words(), best.by(), TIME.format(best.at().atZone(ZoneId.systemDefault())));
        if (!state.stale().isEmpty()) {
            return "stale (" + how + "): " + String.join("; ", state.stale());
        }
        if (!state.problems().isEmpty()) {
            return "not as it has to be (" + how + "): " + String.join("; ", state.problems());
        }
        return state.shown() ? how + measured(best) : how + ": the real panel is still to be shown";
    }
}
