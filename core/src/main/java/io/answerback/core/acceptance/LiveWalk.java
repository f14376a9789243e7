package io.answerback.core.acceptance;

import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/// A live walk as far as it has come. Never changes; each signal makes another. Time is handed in, in milliseconds of
/// any beginning, and is not taken from the signals: their clocks may be wrong.
///
/// @param plan the plan that is walked
/// @param at the line of the point somebody is at; empty while nobody said
/// @param begun lines whose first signal came and whose end is still to come, with the time of the first
/// @param shown lines of which everything came
/// @param answeredFor the lines whose signal came while somebody was at the point of another, each with that other
/// @param missed lines whose end was missed already
public record LiveWalk(
        AcceptancePlan plan,
        Optional<String> at,
        Map<String, Long> begun,
        Set<String> shown,
        Map<String, String> answeredFor,
        Set<String> missed) {
    /// How long a restore may take before it is missed, in milliseconds.
    public static final long RESTORE_MILLIS = 60_000;

    /// One step.
    ///
    /// @param walk how the walk stands now
    /// @param note what the signal shows
    public record Step(LiveWalk walk, WalkNote note) {}

    public LiveWalk {
        begun = Collections.unmodifiableMap(new TreeMap<>(begun));
        shown = Set.copyOf(shown);
        answeredFor = Map.copyOf(answeredFor);
        missed = Set.copyOf(missed);
    }

    /// A walk that begins.
    public static LiveWalk of(AcceptancePlan plan) {
        return new LiveWalk(plan, Optional.empty(), Map.of(), Set.of(), Map.of(), Set.of());
    }

    /// The same walk by a plan that was changed meanwhile.
    public LiveWalk by(AcceptancePlan other) {
        return new LiveWalk(other, at, begun, shown, answeredFor, missed);
    }

    /// Somebody says at which point they are; empty for nowhere.
    public LiveWalk at(Optional<String> lineId) {
        return new LiveWalk(plan, lineId, begun, shown, answeredFor, missed);
    }

    /// A signal arrives.
    ///
    /// @param millis when, by the clock of whoever receives it
    public Step arrives(Signal signal, long millis) {
        List<AcceptanceLine> fitting = plan.lines().stream()
                .filter(its -> its.expects().stream().anyMatch(expected -> expected.is(signal)))
                .toList();
        if (fitting.isEmpty()) {
            return new Step(this, new WalkProblem(plan, at).of(signal));
        }
        return meant(fitting, signal)
                .map(line -> fits(line, signal, millis))
                .orElseGet(() -> new Step(this, WalkProblem.several(signal)));
    }

    /// Of several lines that one signal fits, that of which somebody said they are at it, or that it completes. Nobody
    /// can say by which path a test came, so that none is ticked otherwise.
    private Optional<AcceptanceLine> meant(List<AcceptanceLine> fitting, Signal signal) {
        return fitting.stream()
                .filter(line -> at.filter(line.id()::equals).isPresent())
                .findFirst()
                .or(() -> fitting.stream()
                        .filter(line -> begun.containsKey(line.id())
                                && line.expects().getLast().is(signal))
                        .findFirst())
                .or(() -> fitting.size() == 1 ? Optional.of(fitting.getFirst()) : Optional.empty());
    }

    private Step fits(AcceptanceLine line, Signal signal, long millis) {
        Optional<AcceptanceLine> here = at.filter(id -> !id.equals(line.id()))
                .flatMap(plan::line)
                .filter(its -> its.point().isPresent() && line.point().isPresent());
        if (here.isPresent() && signal.qualifier() == Qualifier.NEW) {
            return other(line, here.get());
        }
        if (shown.contains(line.id())) {
            return new Step(this, WalkNote.well(WalkNote.Kind.AGAIN, line, line.title() + " once more"));
        }
        boolean last = line.expects().getLast().is(signal);
        boolean complete = line.expects().size() == 1 || last && begun.containsKey(line.id());
        if (complete) {
            return new Step(done(line), WalkNote.well(WalkNote.Kind.SHOWN, line, line.title() + ": as planned"));
        }
        Map<String, Long> more = new HashMap<>(begun);
        more.putIfAbsent(line.id(), millis);
        return new Step(
                new LiveWalk(plan, at, more, shown, answeredFor, missed),
                WalkNote.well(WalkNote.Kind.BEGUN, line, line.title() + ": came, its end is awaited"));
    }

    private LiveWalk done(AcceptanceLine line) {
        Map<String, Long> fewer = new HashMap<>(begun);
        fewer.remove(line.id());
        Set<String> more = new HashSet<>(shown);
        more.add(line.id());
        Optional<String> next = at.filter(id -> !id.equals(line.id()));
        return new LiveWalk(plan, next, fewer, more, answeredFor, missed);
    }

    /// Somebody is at one point, and the signal of another came: two that are swapped answer for each other.
    private Step other(AcceptanceLine came, AcceptanceLine here) {
        boolean swapped =
                here.id().equals(answeredFor.get(came.id())) || came.id().equals(answeredFor.get(here.id()));
        Map<String, String> more = new HashMap<>(answeredFor);
        more.put(came.id(), here.id());
        return new Step(
                new LiveWalk(plan, at, begun, shown, more, missed),
                swapped ? WalkProblem.swapped(came, here) : WalkProblem.other(came, here));
    }

    /// What is overdue: the ends of lines that were awaited too long, each said once.
    public Optional<Step> overdue(long millis) {
        return begun.entrySet().stream()
                .filter(open -> millis - open.getValue() > RESTORE_MILLIS && !missed.contains(open.getKey()))
                .findFirst()
                .flatMap(open -> plan.line(open.getKey()))
                .map(line -> {
                    Set<String> more = new HashSet<>(missed);
                    more.add(line.id());
                    return new Step(
                            new LiveWalk(plan, at, begun, shown, answeredFor, more), WalkProblem.noRestore(line));
                });
    }
}
