package io.answerback.desktop.learn;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/// Where the apprentice stands: time spent, what was done and what it showed, and how it goes with this kind.
final class StandParts {
    private StandParts() {}

    /// @param plan opens the plan of an exercise as a job
    static List<Part> of(Learning learning, Exercise its, Consumer<Job> plan) {
        List<Part> parts = new ArrayList<>();
        if (learning.judged().isPresent()) {
            parts.add(Tool.primary("Next exercise", learning::next));
        }
        its.plan()
                .ifPresent(job -> parts.add(Tool.of(
                        "Look at the plan",
                        "the site as it was planned, as a job of its own; the exercise waits",
                        () -> plan.accept(job))));
        its.work().ifPresent(work -> parts.addAll(site(learning, work)));
        parts.addAll(progress(learning));
        parts.add(Words.wrapped(
                Words.caution("On a real site this work can hurt you. Local rules and licensed practice come first.")));
        return parts;
    }

    private static List<Part> site(Learning learning, SiteWork work) {
        List<Part> parts = new ArrayList<>();
        Grid.Filling grid = Grid.filling("learn-stand").columns(Grid.Column.REST, Grid.Column.OWN);
        grid.line(
                Words.of("learn-given", "time spent"),
                Words.figure("%.0f min".formatted(work.minutes(learning.done()))));
        learning.judged()
                .flatMap(its -> its.reckoning())
                .map(Reckoning::bestMinutes)
                .ifPresent(best -> grid.line(
                        Words.of("learn-given", "the best way needs"), Words.figure("%.0f min".formatted(best))));
        grid.line(
                Words.of("learn-given", "steps"),
                Words.figure(Integer.toString(learning.done().size())));
        parts.add(Words.title("So far"));
        parts.add(grid.asPart());
        parts.add(Words.title("Notes"));
        if (learning.done().isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("Each step is noted here with its reading.")));
        }
        double minutes = 0;
        for (int i = 0; i < learning.done().size(); i++) {
            minutes += work.step(learning.done().get(i)).minutes();
            parts.add(Words.wrapped(Words.of(
                    "learn-note",
                    "%.0f min  %s: %s"
                            .formatted(
                                    minutes, work.step(learning.done().get(i)).words(), learning.shown(i)))));
        }
        return parts;
    }

    private static List<Part> progress(Learning learning) {
        ExerciseKind kind = learning.kind();
        Apprentice apprentice = learning.apprentice();
        Grid.Filling grid = Grid.filling("learn-stand").columns(Grid.Column.REST, Grid.Column.OWN);
        grid.line(
                Words.of("learn-given", "passed"),
                Words.figure("%d of %d"
                        .formatted(apprentice.passed(kind), apprentice.of(kind).size())));
        grid.line(
                Words.of("learn-given", "at the first try"),
                Words.figure(Long.toString(apprentice.passedAtOnce(kind))));
        grid.line(Words.of("learn-given", "next grade"), Words.figure(Integer.toString(apprentice.grade(kind))));
        if (apprentice.usualSeconds(kind) > 0) {
            grid.line(
                    Words.of("learn-given", "until answered, usually"),
                    Words.figure("%.0f s".formatted(apprentice.usualSeconds(kind))));
        }
        if (apprentice.timesOver(kind) > 0) {
            grid.line(
                    Words.of("learn-given", "time against the best way"),
                    Words.figure("%.1f ×".formatted(apprentice.timesOver(kind))));
        }
        return List.of(Words.title(apprentice.name() + ": " + kind.title()), grid.asPart());
    }
}
