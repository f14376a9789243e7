package io.answerback.desktop.learn;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.apprentice.Attempt;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.learn.exercise.Judgement;
import io.answerback.core.learn.question.Exercises;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;

/// One apprentice at one exercise: what was done so far, what is meant to be the answer, and how it was
/// judged.
final class Learning {
    private static final String BETWEEN = "; ";
    private static final double NANOS = 1e9;

    private final Runnable showAgain;
    private final Consumer<Apprentice> keep;
    private final Computing computing;
    private final LongSupplier nanos;
    private int asked;
    private long begun;
    private Optional<Exercises> exercises = Optional.empty();
    private Apprentice apprentice;
    private ExerciseKind kind = ExerciseKind.FAULT;
    private Optional<Exercise> exercise = Optional.empty();
    private final List<String> done = new ArrayList<>();
    private final Set<String> chosen = new LinkedHashSet<>();
    private final Map<String, String> landed = new LinkedHashMap<>();
    private String typed = "";
    private Optional<Judgement> judged = Optional.empty();
    private boolean judging;

    /// Computes off the window's thread, and comes back to it with the result.
    interface Computing {
        <T> void compute(Callable<T> work, Consumer<T> then);
    }

    /// @param showAgain shows everything anew
    /// @param keep keeps what an apprentice has done
    /// @param computing computes off the window's thread
    /// @param nanos a clock that never jumps, in nanoseconds
    Learning(
            Apprentice apprentice,
            Runnable showAgain,
            Consumer<Apprentice> keep,
            Computing computing,
            LongSupplier nanos) {
        this.computing = computing;
        this.nanos = nanos;
        this.apprentice = apprentice;
        this.showAgain = showAgain;
        this.keep = keep;
    }

    /// Begins once the sites the exercises are made of are read.
    void ready(Exercises its) {
        exercises = Optional.of(its);
        next();
    }

    /// Another apprentice goes on where that one stands.
    void learn(Apprentice other) {
        apprentice = other;
        next();
    }

    Apprentice apprentice() {
        return apprentice;
    }

    Optional<Exercises> exercises() {
        return exercises;
    }

    ExerciseKind kind() {
        return kind;
    }

    Optional<Exercise> exercise() {
        return exercise;
    }

    List<String> done() {
        return List.copyOf(done);
    }

    boolean isChosen(String choice) {
        return chosen.contains(choice);
    }

    String typed() {
        return typed;
    }

    Optional<Judgement> judged() {
        return judged;
    }

    /// Goes to an exercise of another kind.
    void go(ExerciseKind other) {
        kind = other;
        next();
    }

    /// The next exercise, of the grade that is due.
    void next() {
        begin(apprentice.grade(kind), apprentice.nextSeed(kind));
    }

    /// An exercise by its seed, as a teacher gives it.
    void take(ExerciseKind other, int grade, long seed) {
        kind = other;
        begin(grade, seed);
    }

    /// The exercise is made off the window's thread. When several are asked for, the last one counts.
    private void begin(int grade, long seed) {
        int its = ++asked;
        ExerciseKind wanted = kind;
        clear();
        exercise = Optional.empty();
        exercises.ifPresent(from -> computing.compute(() -> from.make(wanted, grade, seed), made -> {
            if (its == asked) {
                clear();
                exercise = Optional.of(made);
                showAgain.run();
            }
        }));
        showAgain.run();
    }

    private void clear() {
        done.clear();
        chosen.clear();
        landed.clear();
        typed = "";
        begun = nanos.getAsLong();
        judged = Optional.empty();
        judging = false;
    }

    /// Does something on site; it stays done.
    void step(String id) {
        if (judged.isEmpty() && !judging) {
            done.add(id);
            showAgain.run();
        }
    }

    /// What a step that was done has shown.
    ///
    /// @param at its place among those that were done
    String shown(int at) {
        return exercise.flatMap(Exercise::work)
                .map(work -> work.shows(done.subList(0, at), done.get(at)))
                .orElse("");
    }

    /// Whether several choices make one answer.
    boolean several() {
        return kind == ExerciseKind.COMMISSIONING;
    }

    /// Chooses an answer, or takes it back.
    void choose(String choice) {
        if (judged.isPresent() || judging) {
            return;
        }
        boolean was = chosen.remove(choice);
        if (!several()) {
            chosen.clear();
        }
        if (!was) {
            chosen.add(choice);
        }
        showAgain.run();
    }

    /// Lands a core in a terminal.
    void land(String core, String terminal) {
        if (judged.isEmpty() && !judging) {
            landed.put(core, terminal);
            showAgain.run();
        }
    }

    /// The terminal a core was landed in; empty while it is loose.
    Optional<String> landed(String core) {
        return Optional.ofNullable(landed.get(core));
    }

    /// Takes what is typed, letter by letter.
    void type(String answer) {
        typed = answer;
    }

    private String answer() {
        if (!landed.isEmpty()) {
            return landed.entrySet().stream()
                    .map(core -> core.getKey() + "=" + core.getValue())
                    .collect(Collectors.joining(BETWEEN));
        }
        return chosen.isEmpty() ? typed : String.join(BETWEEN, chosen);
    }

    /// Whether there is something to judge.
    boolean answerable() {
        return judged.isEmpty() && !judging && !answer().isBlank();
    }

    /// Judges the answer and keeps it.
    void judge() {
        if (!answerable()) {
            return;
        }
        exercise.ifPresent(its -> {
            double seconds = (nanos.getAsLong() - begun) / NANOS;
            List<String> way = done();
            String answer = answer();
            judging = true;
            computing.compute(() -> its.judge(way, answer), judgement -> judged(its, judgement, seconds));
        });
    }

    private void judged(Exercise its, Judgement judgement, double seconds) {
        apprentice = apprentice.with(Attempt.of(its, judgement, seconds));
        keep.accept(apprentice);
        if (exercise.filter(its::equals).isPresent()) {
            judging = false;
            judged = Optional.of(judgement);
        }
        showAgain.run();
    }
}
