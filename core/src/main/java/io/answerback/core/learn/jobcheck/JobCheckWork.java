package io.answerback.core.learn.jobcheck;

import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.core.learn.exercise.Reckoning.Line;
import io.answerback.core.learn.exercise.Safeguard;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.exercise.WorkStep;
import io.answerback.core.learn.exercise.WorkStep.Sort;
import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;

/// Checking a small site in which some points are not as planned.
///
/// @param points the points with what is wrong with each, in the order of the site
record JobCheckWork(List<Planted> points) implements SiteWork {
    /// A point with what is wrong with it.
    record Planted(CheckedPoint point, Slip slip) {}

    @Override
    public List<WorkStep> steps() {
        List<WorkStep> steps = new ArrayList<>(Safeguard.steps());
        its().forEach(point -> steps.addAll(point.steps()));
        return steps;
    }

    /// A check at a point.
    private record Check(Planted planted, Look look) {
        CheckedPoint point() {
            return planted.point();
        }

        String shows() {
            return point().shows(look, planted.slip());
        }
    }

    private List<CheckedPoint> its() {
        return points.stream().map(Planted::point).toList();
    }

    private Optional<Check> check(String step) {
        return points.stream()
                .flatMap(planted -> Arrays.stream(Look.values()).map(look -> new Check(planted, look)))
                .filter(check -> check.point().step(check.look()).equals(step))
                .findFirst();
    }

    @Override
    public String shows(List<String> before, String step) {
        step(step);
        return check(step).map(Check::shows).orElse("done");
    }

    /// Every slip of every point as an answer.
    List<String> choices() {
        return its().stream()
                .flatMap(point -> point.possible().stream()
                        .filter(slip -> slip != Slip.NONE)
                        .map(slip -> answer(point, slip)))
                .toList();
    }

    private static String answer(CheckedPoint point, Slip slip) {
        return point.name() + ": " + slip.words();
    }

    private List<String> right() {
        return points.stream()
                .filter(planted -> planted.slip() != Slip.NONE)
                .map(planted -> answer(planted.point(), planted.slip()))
                .toList();
    }

    @Override
    public Judgement judge(List<String> done, String answer) {
        TreeSet<String> said = new TreeSet<>(Comparator.comparing(words -> words.toLowerCase(Locale.ROOT)));
        Arrays.stream(answer.split(";"))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .forEach(said::add);
        List<String> left =
                right().stream().filter(slip -> !said.contains(slip)).toList();
        List<String> wrongly = said.stream()
                .filter(word -> right().stream().noneMatch(slip -> slip.equalsIgnoreCase(word)))
                .toList();
        return new Judgement(
                left.isEmpty() && wrongly.isEmpty(),
                unsafe(done),
                String.join("; ", right()),
                says(left, wrongly),
                Optional.of(reckoning(done)));
    }

    private static String says(List<String> left, List<String> wrongly) {
        StringBuilder says = new StringBuilder();
        says.append(
                left.isEmpty()
                        ? "Everything that was wrong was found."
                        : "Left on the site: " + Text.listed(left)
                                + ". The client finds them, or nobody does until the break-in.");
        if (!wrongly.isEmpty()) {
            says.append(" Named and not wrong: ")
                    .append(Text.listed(wrongly))
                    .append(". An hour is spent on each for nothing.");
        }
        return says.toString();
    }

    private List<String> unsafe(List<String> done) {
        List<String> unsafe = new ArrayList<>();
        for (int i = 0; i < done.size(); i++) {
            WorkStep step = step(done.get(i));
            if (step.sort() == Sort.LOOK && !done.get(i).startsWith(Look.ENTRY.id())) {
                Safeguard.ON_TEST.missing(done.subList(0, i), step.words()).ifPresent(unsafe::add);
            }
        }
        return unsafe.stream().limit(1).toList();
    }

    /// Every point is walked, as the plan of what must be shown asks; where what is shown fits more than one
    /// slip, the cheapest check that parts them follows.
    @Override
    public List<String> best() {
        List<String> best = new ArrayList<>(List.of(Safeguard.ON_TEST.id()));
        for (CheckedPoint point : its()) {
            best.add(point.step(Look.WALK));
            List<Slip> fitting = fitting(point, point.possible(), Look.WALK);
            for (Look look : List.of(Look.ENTRY, Look.READ)) {
                List<Slip> before = fitting;
                if (before.size() > 1
                        && before.stream()
                                        .map(slip -> point.shows(look, slip))
                                        .distinct()
                                        .count()
                                > 1) {
                    best.add(point.step(look));
                    fitting = fitting(point, before, look);
                }
            }
        }
        return best;
    }

    /// One answer once every point is down to one slip; before that, every slip that would still explain a
    /// point.
    @Override
    public List<String> fitting(List<String> done) {
        List<String> fitting = new ArrayList<>();
        boolean certain = true;
        for (CheckedPoint point : its()) {
            List<Slip> left = left(point, done);
            certain &= left.size() == 1;
            left.stream()
                    .filter(slip -> slip != Slip.NONE)
                    .map(slip -> answer(point, slip))
                    .forEach(fitting::add);
        }
        return certain ? List.of(String.join("; ", fitting)) : fitting;
    }

    private List<Slip> left(CheckedPoint point, List<String> done) {
        List<Slip> left = point.possible();
        for (Look look : Look.values()) {
            left = done.contains(point.step(look)) ? fitting(point, left, look) : left;
        }
        return left;
    }

    private List<Slip> fitting(CheckedPoint point, List<Slip> among, Look look) {
        String shown = check(point.step(look)).orElseThrow().shows();
        return among.stream()
                .filter(slip -> point.shows(look, slip).equals(shown))
                .toList();
    }

    private Reckoning reckoning(List<String> done) {
        List<String> best = best();
        return new Reckoning(minutes(done), minutes(best), lines(done), lines(best));
    }

    private List<Line> lines(List<String> done) {
        return done.stream()
                .map(id -> new Line(step(id).words(), step(id).minutes(), shows(List.of(), id), told(id)))
                .toList();
    }

    private String told(String step) {
        return check(step)
                .map(check -> {
                    List<Slip> left = fitting(check.point(), check.point().possible(), check.look());
                    return left.size() == 1
                            ? "leaves only: " + left.getFirst().words()
                            : Text.of(
                                    "leaves %d possible: %s",
                                    left.size(),
                                    Text.listed(left.stream().map(Slip::words).toList()));
                })
                .orElse("");
    }
}
