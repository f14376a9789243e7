package io.answerback.core.learn.faultfinding;

import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.exercise.WorkStep;
import io.answerback.core.learn.exercise.WorkStep.Sort;
import io.answerback.core.loop.fault.Cause;
import io.answerback.core.loop.fault.FaultyLoop;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// The work of finding a fault: what makes it safe, what brings the fault about, measurements, hints.
final class FaultWork implements SiteWork {
    private static final String EXPECTED = "hint-expected";
    private static final String LEFT = "hint-left";
    private static final String NEXT = "hint-next";
    private static final double EXPECTED_MINUTES = 5;
    private static final double LEFT_MINUTES = 8;
    private static final double NEXT_MINUTES = 10;

    private final FaultCase its;
    private final FaultWay way;
    private final OtherSchemes others;

    FaultWork(FaultCase its, OtherSchemes others) {
        this.its = its;
        this.others = others;
        this.way = new FaultWay(its);
    }

    @Override
    public List<WorkStep> steps() {
        List<WorkStep> steps = new ArrayList<>(Safeguard.steps());
        Arrays.stream(Trigger.values())
                .filter(trigger -> !trigger.constant())
                .map(FaultWork::step)
                .forEach(steps::add);
        its.setups().stream().map(this::step).forEach(steps::add);
        steps.add(new WorkStep(EXPECTED, "Which readings has a sound loop?", EXPECTED_MINUTES, Sort.HINT));
        steps.add(new WorkStep(LEFT, "How many answers still fit?", LEFT_MINUTES, Sort.HINT));
        steps.add(new WorkStep(NEXT, "What would you measure next?", NEXT_MINUTES, Sort.HINT));
        return steps;
    }

    private static WorkStep step(Trigger trigger) {
        return new WorkStep(trigger.id(), trigger.order(), trigger.minutes(), Sort.BRING_ABOUT);
    }

    private WorkStep step(MeasurementSetup setup) {
        return new WorkStep(setup.id(), setup.order(), its.costs().minutes(setup), Sort.LOOK);
    }

    @Override
    public String shows(List<String> before, String step) {
        return switch (step) {
            case EXPECTED -> expected();
            case LEFT ->
                Text.of("%d answers still fit what you have.", fitting(before).size());
            case NEXT -> next(before);
            default -> FaultWay.setup(step).map(setup -> read(setup, before)).orElseGet(() -> did(step(step)));
        };
    }

    private String read(MeasurementSetup setup, List<String> before) {
        double ohms = its.shows(setup, way.provoked(before));
        return Double.isInfinite(ohms) ? "open circuit" : Figures.ohms(ohms);
    }

    private static String did(WorkStep step) {
        return step.sort() == Sort.SAFETY ? "done" : "done; it stays so while you measure";
    }

    private String expected() {
        FaultyLoop sound = new FaultyLoop(its.planned());
        List<String> parts = its.setups().stream()
                .filter(setup -> setup.device().isPresent() || setup == MeasurementSetup.FAR_END_SHORTED)
                .map(setup -> setup.measured().words() + " "
                        + Figures.ohms(
                                sound.of(Cause.SOUND, 0, false, setup).range().nominalOhms()))
                .toList();
        return "A sound loop reads: " + Text.listed(parts) + ".";
    }

    private String next(List<String> before) {
        Optional<WorkStep> first = way.next(before).map(this::step);
        return first.map(step -> step.words() + ".").orElse("Nothing: what you have is enough.");
    }

    @Override
    public List<String> best() {
        return way.best();
    }

    @Override
    public List<String> fitting(List<String> done) {
        return its.fitting(way.left(done));
    }

    @Override
    public Judgement judge(List<String> done, String answer) {
        done.forEach(this::step);
        FaultAnswer right = its.answer();
        boolean same = right.id().equalsIgnoreCase(answer) || right.words().equalsIgnoreCase(answer);
        return new Judgement(
                same,
                way.unsafe(done, this),
                right.words(),
                says(same, answer, done),
                Optional.of(way.reckoning(done, this, others.of(its.fault()))));
    }

    private String says(boolean same, String answer, List<String> done) {
        int left = fitting(done).size();
        String hidden = "It was: " + right() + ".";
        if (same) {
            return hidden
                    + (left > 1
                            ? Text.of(" But %d answers still fitted what you had measured: you were lucky.", left)
                            : " What you had measured left nothing else.");
        }
        return hidden
                + (left > 1
                        ? Text.of(" %d answers still fitted; you stopped measuring too early.", left)
                        : " What you had measured left only this.")
                + " If you fix \"" + answer + "\", the fault stays in the wall and you come back for it.";
    }

    private String right() {
        HiddenFault fault = its.fault();
        return its.answer().words()
                + switch (fault.cause().free()) {
                    case OHMS -> ", " + Figures.ohms(fault.value());
                    case PREFERRED_VALUE -> ", " + Figures.resistor(fault.value());
                    case METRES -> ", " + Figures.metres(fault.value()) + " from the panel";
                    case STATE, NONE -> "";
                };
    }
}
