package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// How much an acceptance plan has to show, and how much of it is shown on the real panel. Counted some dozens of
/// points at a time: how far a job has come is asked after every edit, its plan only where it is read.
///
/// @param walked the lines that are walked to
/// @param others the other lines
/// @param otherMinutes how long the other lines take, in minutes
public record PlanCounts(Counted walked, Counted others, Minutes otherMinutes) {
    /// Of the plan of a job.
    public static final Fact<PlanCounts> FACT = Fact.of("counts of the acceptance plan", PlanCounts::all);

    private static final FactOf<Integer, PlanCounts> SOME =
            FactOf.each("counts of some points", (facts, group) -> some(facts.of(AcceptancePlan.SOME_STATES, group)));

    /// @param lines how many there are
    /// @param shown how many of them are shown
    public record Counted(int lines, int shown) {
        private static Counted of(List<LineState> states) {
            return new Counted(states.size(), (int)
                    states.stream().filter(LineState::shown).count());
        }

        private Counted plus(Counted more) {
            return new Counted(lines + more.lines, shown + more.shown);
        }

        /// How many are not shown.
        public int left() {
            return lines - shown;
        }
    }

    /// @param all of every line, in minutes
    /// @param left of those that are not shown, in minutes
    public record Minutes(double all, double left) {
        private static Minutes of(List<LineState> states) {
            return new Minutes(sum(states.stream()), sum(states.stream().filter(state -> !state.shown())));
        }

        private static double sum(Stream<LineState> states) {
            return states.mapToDouble(state -> state.line().minutes()).sum();
        }

        private Minutes plus(Minutes more) {
            return new Minutes(all + more.all, left + more.left);
        }
    }

    private static PlanCounts some(List<PerPoint<LineState>> points) {
        List<LineState> states = new ArrayList<>();
        points.forEach(point -> point.each(states::add));
        return of(states);
    }

    private static PlanCounts of(List<LineState> states) {
        Map<Boolean, List<LineState>> byWalk = states.stream()
                .collect(Collectors.partitioningBy(
                        state -> state.line().section().walked()));
        List<LineState> others = byWalk.get(false);
        return new PlanCounts(Counted.of(byWalk.get(true)), Counted.of(others), Minutes.of(others));
    }

    private static PlanCounts all(Facts facts) {
        PlanCounts counts = of(facts.of(AcceptancePlan.OTHER_STATES));
        for (PlanCounts some : DeviceLines.POINTS.every(facts, SOME)) {
            counts = counts.plus(some);
        }
        return counts;
    }

    private PlanCounts plus(PlanCounts more) {
        return new PlanCounts(walked.plus(more.walked), others.plus(more.others), otherMinutes.plus(more.otherMinutes));
    }

    /// How many lines there are.
    public int lines() {
        return walked.lines() + others.lines();
    }

    /// How many of them are shown.
    public int shown() {
        return walked.shown() + others.shown();
    }
}
