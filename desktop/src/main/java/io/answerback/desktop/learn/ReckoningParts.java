package io.answerback.desktop.learn;

import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.exercise.Reckoning;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.List;

/// How an answer was judged, and the way to it beside the best way.
final class ReckoningParts {
    private static final double MINUTES_WIDTH = 56;

    private ReckoningParts() {}

    static List<Part> of(Judgement judgement) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.of(judgement.passed() ? "learn-right" : "learn-wrong", verdict(judgement)));
        parts.add(Words.wrapped(judgement.says()));
        judgement.unsafe().forEach(unsafe -> parts.add(Words.wrapped(Words.caution(unsafe))));
        judgement.reckoning().ifPresent(its -> parts.addAll(ways(its)));
        return parts;
    }

    private static String verdict(Judgement judgement) {
        if (judgement.passed()) {
            return "Right";
        }
        return judgement.right() ? "Right, but not safe: not passed" : "Not right. It is: " + judgement.solution();
    }

    private static List<Part> ways(Reckoning its) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section("Your way", "%.0f min".formatted(its.minutes())));
        parts.add(its.done().isEmpty() ? Words.quiet("Nothing was done on site.") : lines(its.done()));
        parts.add(Words.section("The best way", "%.0f min".formatted(its.bestMinutes())));
        parts.add(lines(its.best()));
        if (!its.elsewhere().isEmpty()) {
            parts.add(Words.section("The same fault on other schemes", "what is read, and what the panel makes of it"));
            parts.add(elsewhere(its.elsewhere()));
        }
        return parts;
    }

    private static Part elsewhere(List<Reckoning.Elsewhere> all) {
        Grid.Filling grid =
                Grid.filling("learn-ways").columns(Grid.Column.share(40), Grid.Column.share(30), Grid.Column.share(30));
        grid.line(Words.quiet("scheme"), Words.quiet("at rest"), Words.quiet("active"));
        all.forEach(
                its -> grid.line(Words.wrapped(its.where()), Words.wrapped(its.atRest()), Words.wrapped(its.active())));
        return grid.asPart();
    }

    private static Part lines(List<Reckoning.Line> lines) {
        Grid.Filling grid = Grid.filling("learn-ways")
                .columns(
                        Grid.Column.least(MINUTES_WIDTH),
                        Grid.Column.share(36),
                        Grid.Column.share(20),
                        Grid.Column.REST);
        lines.forEach(line -> grid.line(
                Words.whole(Words.figure("%.0f min".formatted(line.minutes()))),
                Words.wrapped(line.words()),
                Words.wrapped(Words.figure(line.shows())),
                Words.wrapped(Words.quiet(line.told()))));
        return grid.asPart();
    }
}
