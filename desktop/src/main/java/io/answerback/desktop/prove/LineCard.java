package io.answerback.desktop.prove;

import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.shown.Measured;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.Wanted;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;

/// A line of the plan step by step in large type, to be read while both hands are busy; figures are measured and typed
/// beneath it.
final class LineCard {
    private static final double LEAST_SECONDS = 0.1;

    private final AcceptanceLine line;
    private final Stopwatch stopwatch;
    private final IntConsumer seconds;
    private final Runnable showAgain;
    private final Map<LineFigure, Double> figures = new EnumMap<>(LineFigure.class);
    private int step;
    private int called;

    /// @param seconds lets the sheet be shown again every moment at 1, and not at 0
    /// @param showAgain shows the sheet again
    LineCard(AcceptanceLine line, Stopwatch stopwatch, IntConsumer seconds, Runnable showAgain) {
        this.line = line;
        this.stopwatch = stopwatch;
        this.seconds = seconds;
        this.showAgain = showAgain;
    }

    AcceptanceLine line() {
        return line;
    }

    /// What was measured so far.
    List<Measured> measured() {
        return figures.entrySet().stream()
                .map(figure -> new Measured(figure.getKey(), figure.getValue()))
                .toList();
    }

    /// Whether every step is done.
    boolean atTheEnd() {
        return step >= line.steps().size();
    }

    void on() {
        step = Math.min(step + 1, line.steps().size());
        call();
    }

    void back() {
        step = Math.max(0, step - 1);
        call();
    }

    private void call() {
        called++;
        showAgain.run();
    }

    /// Lets go of the clock.
    void leave() {
        seconds.accept(0);
    }

    Card card(boolean whole, Card.Keys keys) {
        List<Part> parts = new ArrayList<>();
        int of = line.steps().size();
        String place = atTheEnd() ? "Every step is done" : "Step %d of %d".formatted(step + 1, of);
        String says = atTheEnd() ? result() : line.steps().get(step);
        parts.add(Words.quiet(line.title() + " · " + place));
        parts.add(Words.wrapped(Words.of("run-order", says)));
        if (!atTheEnd() && step + 1 < of) {
            parts.add(Words.wrapped(Words.quiet("Then: " + line.steps().get(step + 1))));
        }
        if (stopwatch.running()) {
            parts.add(Words.of("typing-entry", LineFigure.SECONDS.words(tenths(stopwatch.seconds()))));
        }
        parts.add(Words.wrapped(Words.quiet(
                atTheEnd()
                        ? "Enter: shown · Down: later · Backspace: a step back"
                        : "Enter: done · Down: later · Backspace: a step back")));
        return new Card(whole, place + ". " + says, parts, keys, called);
    }

    private String result() {
        String wanted = line.expects().isEmpty() ? "" : "Came as " + PlanLines.wanted(line);
        String seen = line.seen().isEmpty() ? "" : sentence(line.seen());
        return wanted.isEmpty() ? seen : seen.isEmpty() ? wanted + "?" : wanted + ", and: " + line.seen() + "?";
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + "?";
    }

    /// The fields for what is measured, and the stopwatch; empty where nothing is.
    Optional<Part> figures() {
        if (line.wants().isEmpty()) {
            return Optional.empty();
        }
        Parts row = Parts.flow();
        line.wants().forEach(wanted -> {
            row.add(Words.quiet(name(wanted.of())), value(wanted));
            wanted.most()
                    .ifPresent(
                            most -> row.add(Words.quiet("at most " + wanted.of().words(most))));
        });
        if (line.wants().stream().anyMatch(wanted -> wanted.of() == LineFigure.SECONDS)) {
            row.add(
                    stopwatch.running()
                            ? Tool.of("Stop the stopwatch", "keeps the time", this::stop)
                            : Tool.of("Start the stopwatch", "as the door opens", this::start));
        }
        if (stopwatch.doubtful()) {
            row.add(Words.of(
                    "printed-problem", "The computer slept, or its clock was changed, while it ran: measure again."));
        }
        Wanted.decibelsAtOneMetre(measured())
                .ifPresent(near -> row.add(
                        Words.quiet("about %.0f dB(A) at 1 m in the open, for the data sheet".formatted(near))));
        return Optional.of(row.style("switches").group());
    }

    private Value value(Wanted wanted) {
        Double figure = figures.get(wanted.of());
        return Value.of(
                name(wanted.of()), figure == null ? "not yet" : wanted.of().words(figure), typed -> {
                    Optional<Double> read = read(typed, wanted.of());
                    read.ifPresent(its -> figures.put(wanted.of(), its));
                    showAgain.run();
                    return read.isPresent();
                });
    }

    private static Optional<Double> read(String typed, LineFigure of) {
        try {
            String bare = typed.strip().replace(of.unit(), "").strip().replace(',', '.');
            return Optional.of(new Measured(of, Double.parseDouble(bare)).figure());
        } catch (IllegalArgumentException refused) {
            return Optional.empty();
        }
    }

    private static String name(LineFigure figure) {
        return switch (figure) {
            case SECONDS -> "Seconds it took";
            case DECIBELS -> "How loud, in dB(A)";
            case METRES -> "From how far off, in m";
            case VOLTS -> "Battery under load, in V";
        };
    }

    private void start() {
        figures.remove(LineFigure.SECONDS);
        stopwatch.start();
        seconds.accept(1);
        call();
    }

    private void stop() {
        stopwatch.stop();
        seconds.accept(0);
        stopwatch.measured().ifPresent(its -> figures.put(LineFigure.SECONDS, Math.max(LEAST_SECONDS, tenths(its))));
        call();
    }

    private static double tenths(double figure) {
        return Math.round(figure * 10) / 10.0;
    }
}
