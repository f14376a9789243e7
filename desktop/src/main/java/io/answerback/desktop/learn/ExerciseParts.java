package io.answerback.desktop.learn;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Picture;
import io.answerback.core.learn.exercise.SiteWork;
import io.answerback.core.learn.exercise.WorkStep;
import io.answerback.core.learn.exercise.WorkStep.Sort;
import io.answerback.core.signal.sound.Call;
import io.answerback.desktop.loop.ResistorDrawing;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.report.ToneDrawing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleSupplier;

/// The exercise itself: what is asked and known, what can be done, and the answer.
final class ExerciseParts {
    private static final double WHOLE = 100;
    private static final double CORE_WIDTH = 110;
    private static final int PAIR = 2;
    private static final int CHECKS = 3;
    private static final int SHORT_CHOICE = 16;
    private static final double NARROW = 800;
    private static final double ROOMY = 1000;

    private final Learning learning;
    private final Consumer<Call> play;
    private final DoubleSupplier room;
    private int exercises;
    private Object shown;

    /// @param play lets a call be heard
    /// @param room the width of the window in pixels at 100 % text
    ExerciseParts(Learning learning, Consumer<Call> play, DoubleSupplier room) {
        this.room = room;
        this.learning = learning;
        this.play = play;
    }

    List<Part> of(Exercise its) {
        if (its != shown) {
            exercises++;
            shown = its;
        }
        List<Part> parts = new ArrayList<>();
        parts.add(Group.flow(
                        Words.of("start-title", its.kind().title()),
                        Words.quiet("grade %d of %d, seed".formatted(its.grade(), Exercise.GRADES)),
                        Value.of("Seed", Long.toString(its.seed()), typed -> seed(its, typed)))
                .style("learn-title"));
        parts.add(Words.wrapped(Words.of("learn-asked", its.asked())));
        its.picture().map(this::picture).ifPresent(parts::addAll);
        parts.add(given(its));
        if (learning.judged().isEmpty()) {
            its.work().ifPresent(work -> parts.addAll(steps(work)));
            parts.addAll(answer(its));
        } else {
            learning.judged().ifPresent(judgement -> parts.addAll(ReckoningParts.of(judgement)));
        }
        return parts;
    }

    /// The exercise of another seed, as a teacher gives it.
    private boolean seed(Exercise its, String typed) {
        boolean whole = typed.strip().matches("\\d{1,12}");
        if (whole) {
            learning.take(its.kind(), its.grade(), Long.parseLong(typed.strip()));
        }
        return whole;
    }

    private static Part given(Exercise its) {
        return Group.column(its.given().stream()
                        .map(line -> Words.wrapped(Words.of(heading(line) ? "learn-heading" : "learn-given", line)))
                        .toList())
                .style("learn-givens");
    }

    /// A line that ends so stands over those that follow.
    private static boolean heading(String line) {
        return line.endsWith(":");
    }

    private List<Part> picture(Picture picture) {
        return switch (picture) {
            case Picture.Bands bands -> List.of(new Drawn(new ResistorDrawing(bands.bands(), "no bands")));
            case Picture.Bag bag -> List.of();
            case Picture.Landing landing -> List.of();
            case Picture.Loop loop -> List.of(new Drawn(new PlannedLoop(loop)));
            case Picture.Heard heard ->
                List.of(
                        new Drawn(ToneDrawing.toRead(heard.call())),
                        Tool.of(
                                "Listen",
                                "plays the call as it is heard on the line",
                                () -> play.accept(heard.call())));
        };
    }

    private List<Part> steps(SiteWork work) {
        List<Part> parts = new ArrayList<>();
        for (Sort sort : Sort.values()) {
            List<Part> its = new ArrayList<>();
            for (WorkStep step : work.steps()) {
                if (step.sort() == sort) {
                    its.add(step(step));
                }
            }
            if (!its.isEmpty()) {
                parts.add(Words.section(sort.words(), sort == Sort.LOOK ? "with the minutes on site" : ""));
                parts.add(sideBySide(its, sort == Sort.LOOK && learning.several() ? CHECKS : PAIR));
            }
        }
        return parts;
    }

    /// How many can stand side by side in a window.
    ///
    /// @param width of the window in pixels at 100 % text
    static int columns(double width) {
        return width < NARROW ? 1 : width < ROOMY ? PAIR : CHECKS;
    }

    /// Several side by side, fewer where there is less room, each row as high as the higher of them.
    private Part sideBySide(List<Part> parts, int most) {
        int columns = Math.min(most, columns(room.getAsDouble()));
        Grid.Column[] widths = new Grid.Column[columns];
        Arrays.fill(widths, Grid.Column.share(WHOLE / columns));
        Grid.Filling grid = Grid.filling("learn-pairs").columns(widths);
        for (int i = 0; i < parts.size(); i += columns) {
            grid.line(parts.subList(i, Math.min(i + columns, parts.size())));
        }
        return grid.asPart();
    }

    private Part step(WorkStep step) {
        int at = learning.done().lastIndexOf(step.id());
        String minutes = "%.0f min".formatted(step.minutes());
        String shown = at < 0 ? "" : learning.shown(at);
        Group words = at < 0
                ? Group.column(Words.wrapped(Words.of("learn-step", step.words())))
                : Group.column(
                        Words.wrapped(Words.of("learn-step", step.words())),
                        Words.wrapped(Words.of("learn-shows", shown)));
        return new Press(
                        at < 0 ? "learn-tile" : "learn-tile-done",
                        step.words() + ", " + minutes + (shown.isEmpty() ? "" : ": " + shown),
                        () -> learning.step(step.id()),
                        List.of(words.growing(), Words.whole(Words.figure(minutes))))
                .keyed("step " + step.id());
    }

    private List<Part> answer(Exercise its) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section("Your answer", learning.several() ? "all that apply" : ""));
        Optional<Picture.Landing> landing =
                its.picture().filter(Picture.Landing.class::isInstance).map(Picture.Landing.class::cast);
        if (landing.isPresent()) {
            parts.add(land(landing.get()));
        } else if (its.choices().isEmpty()) {
            parts.add(line().keyed("answer " + exercises));
        } else {
            List<Part> choices = its.picture()
                    .filter(Picture.Bag.class::isInstance)
                    .map(bag -> drawn(its, (Picture.Bag) bag))
                    .orElseGet(() -> its.choices().stream()
                            .map(choice -> choice(choice, Words.wrapped(Words.of("learn-step", choice))))
                            .toList());
            boolean wide = its.choices().stream().anyMatch(choice -> choice.length() > SHORT_CHOICE);
            parts.add(
                    wide
                            ? sideBySide(choices, its.picture().isPresent() && room.getAsDouble() < ROOMY ? 1 : PAIR)
                            : Group.flow(choices).style("learn-choices"));
        }
        parts.add(Group.flow(Tool.primary("Answer", learning::judge)
                .enabled(its.choices().isEmpty() && landing.isEmpty() || learning.answerable())
                .asPart()));
        return parts;
    }

    /// Each core with the terminal it goes to.
    private Part land(Picture.Landing landing) {
        Grid.Filling grid = Grid.filling("learn-ways").columns(Grid.Column.least(CORE_WIDTH), Grid.Column.REST);
        landing.cores()
                .forEach(core -> grid.line(
                        Words.of("learn-step", core),
                        Choice.of(
                                "Terminal of " + core,
                                landing.terminals(),
                                learning.landed(core).orElse(null),
                                "loose",
                                terminal -> terminal,
                                terminal -> learning.land(core, terminal))));
        return grid.asPart();
    }

    private Part line() {
        return new Line(
                "Answer",
                "type the answer, Enter judges it",
                Line.Put.NOTHING,
                new Line.Keys(
                        learning::type,
                        typed -> {
                            learning.type(typed);
                            learning.judge();
                            return false;
                        },
                        typed -> Optional.empty(),
                        () -> {},
                        () -> {}));
    }

    private List<Part> drawn(Exercise its, Picture.Bag bag) {
        List<Part> drawn = new ArrayList<>();
        for (int i = 0; i < bag.resistors().size(); i++) {
            drawn.add(choice(
                    its.choices().get(i),
                    new Drawn(new ResistorDrawing(bag.resistors().get(i), "no bands"))));
        }
        return drawn;
    }

    private Part choice(String choice, Showable shown) {
        boolean on = learning.isChosen(choice);
        return new Press(
                        on ? "learn-choice-on" : "learn-choice",
                        choice + (on ? ", chosen" : ""),
                        () -> learning.choose(choice),
                        List.of(shown.asPart().growing()))
                .keyed("choice " + choice);
    }

    /// How a kind stands for the list on the left.
    static Part kind(ExerciseKind kind, Learning learning) {
        boolean on = learning.kind() == kind;
        long passed = learning.apprentice().passed(kind);
        int all = learning.apprentice().of(kind).size();
        String stands = all == 0
                ? "not tried"
                : "grade %d · %d of %d".formatted(learning.apprentice().grade(kind), passed, all);
        return new Press(
                        on ? "learn-kind-on" : "learn-kind",
                        kind.title() + ", " + stands,
                        () -> learning.go(kind),
                        List.of(Group.column(Words.of("learn-step", kind.title()), Words.quiet(stands))
                                .growing()))
                .keyed("kind " + kind.id());
    }
}
