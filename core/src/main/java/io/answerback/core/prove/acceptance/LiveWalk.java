package io.answerback.core.prove.acceptance;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/// A live walk as far as it has come. Never changes; each signal makes another. Time is handed in, in
/// milliseconds of any beginning, and is not taken from the signals: their clocks may be wrong.
///
/// A line moves only when the signal that it expects next arrives: its first begins it, the one after that takes it
/// on, its last completes it. Of several lines that expect a signal next, only the one that somebody stands at, or
/// that is under way, can move; a signal that is unmistakable moves its only line. While somebody stands at one
/// point, the signals of another show nothing.
///
/// @param plan the plan that is walked
/// @param at the line of the point somebody stands at; empty while nobody said
/// @param begun lines under way, each with how far it has come
/// @param shown lines of which everything came
/// @param stoodAt those of them whose point somebody stood at meanwhile, so that it is known where they are wired
/// @param answeredFor the lines whose signal came while somebody stood at the point of another, each with that
///     other
/// @param missed lines whose next signal was missed already
public record LiveWalk(
        AcceptancePlan plan,
        Optional<String> at,
        Map<String, Begun> begun,
        Set<String> shown,
        Set<String> stoodAt,
        Map<String, String> answeredFor,
        Set<String> missed) {
    /// How long a restore may take before it is missed, in milliseconds.
    public static final long RESTORE_MILLIS = 60_000;

    /// A line under way.
    ///
    /// @param next which of its signals it expects next, from 1; its first came
    /// @param millis when the last of them came
    public record Begun(int next, long millis) {}

    /// One step.
    ///
    /// @param walk how the walk stands now
    /// @param note what the signal shows
    public record Step(LiveWalk walk, WalkNote note) {}

    public LiveWalk {
        begun = Collections.unmodifiableMap(new TreeMap<>(begun));
        shown = Set.copyOf(shown);
        stoodAt = Set.copyOf(stoodAt);
        answeredFor = Map.copyOf(answeredFor);
        missed = Set.copyOf(missed);
    }

    /// A walk that begins.
    public static LiveWalk of(AcceptancePlan plan) {
        return new LiveWalk(plan, Optional.empty(), Map.of(), Set.of(), Set.of(), Map.of(), Set.of());
    }

    /// The same walk by a plan that was changed meanwhile.
    public LiveWalk by(AcceptancePlan other) {
        return new LiveWalk(other, at, begun, shown, stoodAt, answeredFor, missed);
    }

    /// Somebody says at which point they are; empty for nowhere.
    public LiveWalk at(Optional<String> lineId) {
        return new LiveWalk(plan, lineId, begun, shown, stoodAt, answeredFor, missed);
    }

    /// A signal arrives.
    ///
    /// @param millis when, by the clock of whoever receives it
    public Step arrives(Signal signal, long millis) {
        List<AcceptanceLine> fitting = plan.lines().stream()
                .filter(its ->
                        !its.onlyChosen() || at.filter(its.id()::equals).isPresent() || begun.containsKey(its.id()))
                .filter(its -> its.expects().stream().anyMatch(expected -> expected.is(signal)))
                .toList();
        if (fitting.isEmpty()) {
            return new Step(this, new WalkProblem(plan, at).of(signal));
        }
        List<AcceptanceLine> next =
                fitting.stream().filter(line -> expectsNext(line, signal)).toList();
        if (next.isEmpty()) {
            return new Step(this, outOfTurn(fitting, signal));
        }
        return meant(next)
                .map(line -> comes(line, millis))
                .orElseGet(() -> new Step(this, WalkProblem.several(signal)));
    }

    /// A line that was shown expects its first signal again, which then shows nothing new.
    private boolean expectsNext(AcceptanceLine line, Signal signal) {
        int next = Optional.ofNullable(begun.get(line.id())).map(Begun::next).orElse(0);
        return next < line.expects().size() && line.expects().get(next).is(signal);
    }

    /// What is not expected next moves nothing: the end of what was shown already, or of what never began.
    private WalkNote outOfTurn(List<AcceptanceLine> fitting, Signal signal) {
        AcceptanceLine line = fitting.stream()
                .filter(its -> at.filter(its.id()::equals).isPresent())
                .findFirst()
                .orElse(fitting.getFirst());
        return shown.contains(line.id()) || begun.containsKey(line.id())
                ? WalkNote.well(WalkNote.Kind.AGAIN, line, line.title() + " once more")
                : WalkProblem.outOfTurn(line, signal);
    }

    /// Of several lines that expect a signal next, the one that somebody stands at, else the only one under way,
    /// else the only one there is. By which path a test came, for one, no signal says.
    private Optional<AcceptanceLine> meant(List<AcceptanceLine> next) {
        return next.stream()
                .filter(line -> at.filter(line.id()::equals).isPresent())
                .findFirst()
                .or(() -> only(next.stream()
                        .filter(line -> begun.containsKey(line.id()))
                        .toList()))
                .or(() -> only(next));
    }

    private static Optional<AcceptanceLine> only(List<AcceptanceLine> lines) {
        return lines.size() == 1 ? Optional.of(lines.getFirst()) : Optional.empty();
    }

    private Step comes(AcceptanceLine line, long millis) {
        Optional<AcceptanceLine> here = at.filter(id -> !id.equals(line.id()))
                .flatMap(plan::line)
                .filter(its -> its.point().isPresent() && line.point().isPresent());
        boolean underWay = begun.containsKey(line.id());
        if (here.isPresent() && !underWay && !stoodAt.contains(line.id())) {
            return other(line, here.get());
        }
        if (shown.contains(line.id())) {
            return new Step(this, WalkNote.well(WalkNote.Kind.AGAIN, line, line.title() + " once more"));
        }
        int next = underWay ? begun.get(line.id()).next() + 1 : 1;
        if (next >= line.expects().size()) {
            return new Step(done(line), WalkNote.well(WalkNote.Kind.SHOWN, line, line.title() + ": as planned"));
        }
        Map<String, Begun> more = new HashMap<>(begun);
        more.put(line.id(), new Begun(next, millis));
        Set<String> fewer = new HashSet<>(missed);
        fewer.remove(line.id());
        return new Step(
                new LiveWalk(plan, at, more, shown, stoodAt, answeredFor, fewer),
                WalkNote.well(WalkNote.Kind.BEGUN, line, line.title() + ": " + waitingFor(line, next)));
    }

    /// Of devices that share a loop, each sends an alarm and a restore.
    private static String waitingFor(AcceptanceLine line, int next) {
        if (awaitsRestore(line, next)) {
            return "came, waiting for its restore";
        }
        return line.point().isEmpty()
                ? "came, waiting for the next signal"
                : Text.of(
                        "%d of %d signals came, waiting for the next device",
                        next, line.expects().size());
    }

    private static boolean awaitsRestore(AcceptanceLine line, int next) {
        return line.expects().get(next).qualifier() == Qualifier.RESTORE;
    }

    /// A point that answered by its own signals did not answer for another, and what came while somebody stood
    /// there was only passed.
    private LiveWalk done(AcceptanceLine line) {
        Map<String, Begun> fewer = new HashMap<>(begun);
        fewer.remove(line.id());
        Set<String> more = new HashSet<>(shown);
        more.add(line.id());
        Map<String, String> left = new HashMap<>(answeredFor);
        left.remove(line.id());
        left.values().removeIf(line.id()::equals);
        Optional<String> next = at.filter(id -> !id.equals(line.id()));
        Set<String> places = new HashSet<>(stoodAt);
        if (next.isEmpty() && at.isPresent()) {
            places.add(line.id());
        }
        return new LiveWalk(plan, next, fewer, more, places, left, missed);
    }

    /// Somebody stands at one point, and the signal of another came. Two are swapped when each answered while
    /// somebody stood at the other; until both were stood at, nothing is said of the other.
    private Step other(AcceptanceLine came, AcceptanceLine here) {
        boolean swapped = came.id().equals(answeredFor.get(here.id()));
        Map<String, String> more = new HashMap<>(answeredFor);
        more.put(came.id(), here.id());
        return new Step(
                new LiveWalk(plan, at, begun, shown, stoodAt, more, missed),
                swapped ? WalkProblem.swapped(came, here) : WalkProblem.other(came, here));
    }

    /// What is overdue: the restores of lines that were waited for too long, each said once. How long somebody
    /// takes to the next device, or to unset, is up to them.
    public Optional<Step> overdue(long millis) {
        return begun.entrySet().stream()
                .filter(open -> millis - open.getValue().millis() > RESTORE_MILLIS && !missed.contains(open.getKey()))
                .filter(open -> plan.line(open.getKey())
                        .filter(line -> awaitsRestore(line, open.getValue().next()))
                        .isPresent())
                .findFirst()
                .flatMap(open -> plan.line(open.getKey()))
                .map(line -> {
                    Set<String> more = new HashSet<>(missed);
                    more.add(line.id());
                    return new Step(
                            new LiveWalk(plan, at, begun, shown, stoodAt, answeredFor, more),
                            WalkProblem.noRestore(line));
                });
    }
}
