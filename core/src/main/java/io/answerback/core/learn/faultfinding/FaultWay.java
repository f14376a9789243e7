package io.answerback.core.learn.faultfinding;

import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.core.learn.exercise.Reckoning.Line;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.exercise.WorkStep;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/// A way through a case: what it leaves possible, what was unsafe on it, and the best one from anywhere.
final class FaultWay {
    private final FaultCase its;

    FaultWay(FaultCase its) {
        this.its = its;
    }

    /// The measurement of this name; empty when it is none.
    static Optional<MeasurementSetup> setup(String step) {
        return Arrays.stream(MeasurementSetup.values())
                .filter(setup -> setup.id().equals(step))
                .findFirst();
    }

    /// Whether what brings the fault about was done, or need not be.
    boolean provoked(List<String> done) {
        Trigger trigger = its.fault().trigger();
        return trigger.constant() || done.contains(trigger.id());
    }

    /// What is still possible. What is measured while the fault does not show itself tells nothing.
    BitSet left(List<String> done) {
        BitSet left = its.all();
        for (int i = 0; i < done.size(); i++) {
            Optional<MeasurementSetup> setup = setup(done.get(i));
            if (setup.isPresent() && provoked(done.subList(0, i))) {
                left = its.after(left, setup.get());
            }
        }
        return left;
    }

    /// What the best way does next; empty when it is at its end.
    Optional<String> next(List<String> done) {
        BitSet left = left(done);
        if (its.plan().settled(left)) {
            return Optional.empty();
        }
        if (!done.contains(Safeguard.ON_TEST.id())) {
            return Optional.of(Safeguard.ON_TEST.id());
        }
        Trigger trigger = its.fault().trigger();
        boolean ladder = done.contains(Safeguard.LADDER.id());
        if (!provoked(done)) {
            return Optional.of(its.costs().high(trigger) && !ladder ? Safeguard.LADDER.id() : trigger.id());
        }
        return its.plan()
                .next(left, ladder)
                .map(setup -> its.costs().high(setup) && !ladder ? Safeguard.LADDER.id() : setup.id());
    }

    /// The best way from the beginning to its end.
    List<String> best() {
        List<String> done = new ArrayList<>();
        for (Optional<String> next = next(done); next.isPresent(); next = next(done)) {
            done.add(next.get());
        }
        return done;
    }

    /// What was done before it was safe, each as a sentence.
    List<String> unsafe(List<String> done, SiteWork work) {
        List<String> unsafe = new ArrayList<>();
        for (int i = 0; i < done.size(); i++) {
            List<String> before = done.subList(0, i);
            String doing = work.step(done.get(i)).words();
            needed(done.get(i)).stream()
                    .flatMap(guard -> guard.missing(before, doing).stream())
                    .forEach(unsafe::add);
        }
        return unsafe;
    }

    private List<Safeguard> needed(String step) {
        List<Safeguard> needed = new ArrayList<>();
        Optional<MeasurementSetup> setup = setup(step);
        Optional<Trigger> trigger = Trigger.by(step);
        if (setup.isPresent() || trigger.isPresent()) {
            needed.add(Safeguard.ON_TEST);
        }
        if (setup.filter(its.costs()::high).isPresent()
                || trigger.filter(its.costs()::high).isPresent()) {
            needed.add(Safeguard.LADDER);
        }
        return needed;
    }

    Reckoning reckoning(List<String> done, SiteWork work, List<Reckoning.Elsewhere> elsewhere) {
        List<String> best = best();
        return new Reckoning(work.minutes(done), work.minutes(best), lines(done, work), lines(best, work), elsewhere);
    }

    private List<Line> lines(List<String> done, SiteWork work) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < done.size(); i++) {
            List<String> before = done.subList(0, i);
            WorkStep step = work.step(done.get(i));
            lines.add(new Line(step.words(), step.minutes(), work.shows(before, step.id()), told(before, step, work)));
        }
        return lines;
    }

    private String told(List<String> before, WorkStep step, SiteWork work) {
        if (step.sort() != WorkStep.Sort.LOOK) {
            return "";
        }
        if (!provoked(before)) {
            return "nothing: the fault does not show itself yet";
        }
        BitSet left = left(before);
        String best = next(before)
                .filter(next -> !next.equals(step.id()))
                .map(next -> "; the best way would now do: " + work.step(next).words())
                .orElse("");
        BitSet after = its.after(left, setup(step.id()).orElseThrow());
        return Text.of(
                "%d answers fitted before, %d after; %.0f min were to be expected from there on%s",
                its.fitting(left).size(),
                its.fitting(after).size(),
                its.plan().expectedMinutes(after, ladder(before)),
                best);
    }

    private static boolean ladder(List<String> done) {
        return done.contains(Safeguard.LADDER.id());
    }
}
