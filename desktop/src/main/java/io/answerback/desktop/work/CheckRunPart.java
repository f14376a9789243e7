package io.answerback.desktop.work;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.power.Tick;
import io.answerback.core.supply.CheckStep;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// A check-run, one step at a time on a large card and every step below: Enter when it is done, Backspace to
/// take the last one back. What was done is kept with its time.
public final class CheckRunPart {
    private static final int MINUTES = 16;

    private final Actions actions;
    private final InstantSource clock;
    private final Runnable showAgain;
    private Function<WindowState, List<CheckStep>> of = state -> List.of();
    private List<CheckStep> steps = List.of();
    private int called;

    /// A run with no steps yet.
    ///
    /// @param clock tells when a step is done
    /// @param showAgain shows the sheet again
    public CheckRunPart(Actions actions, InstantSource clock, Runnable showAgain) {
        this.actions = actions;
        this.clock = clock;
        this.showAgain = showAgain;
    }

    /// How far it has come, in a few words.
    public static String progress(List<CheckStep> steps) {
        return "%d of %d done".formatted(steps.stream().filter(CheckStep::done).count(), steps.size());
    }

    /// The buttons that do what its keys do.
    ///
    /// @param prefix what the names of its steps begin with
    public List<Part> tools(String prefix) {
        return List.of(
                Tool.of("Done ↵", "this step is done", this::done),
                Tool.of("Take back ⌫", "the last is undone again", this::takeBack),
                Tool.of("Begin anew", "every step is open again", () -> actions.apply(PowerEdits.anew(prefix))));
    }

    /// The card of the next step and the table of all of them.
    ///
    /// @param shown what is shown now
    /// @param run the steps in a state of the window
    /// @param finished what stands on the card when all is done
    public List<Part> parts(WindowState shown, Function<WindowState, List<CheckStep>> run, String finished) {
        of = run;
        steps = run.apply(shown);
        return List.of(next(steps).map(this::card).orElseGet(() -> finished(finished)), table());
    }

    private static Optional<CheckStep> next(List<CheckStep> steps) {
        return steps.stream().filter(step -> !step.done()).findFirst();
    }

    private Card.Keys keys() {
        return new Card.Keys(this::done, Optional.empty(), this::takeBack, Optional.empty());
    }

    private Card finished(String words) {
        return new Card(
                false, "Everything is done", List.of(Words.wrapped(Words.of("run-order", words))), keys(), called);
    }

    private Card card(CheckStep step) {
        List<Part> parts = new ArrayList<>(List.of(
                Words.quiet("%d of %d".formatted(steps.indexOf(step) + 1, steps.size())),
                Words.wrapped(Words.of("run-order", step.order())),
                Words.wrapped(Words.of(step.caution() ? "caution" : "run-mind", step.mind()))));
        if (!step.shows().isEmpty()) {
            parts.add(Words.wrapped(Words.of("run-mind", "What it should show: " + step.shows())));
        }
        return new Card(false, step.order() + ". " + step.mind() + " " + step.shows(), parts, keys(), called);
    }

    private Grid table() {
        Grid.Filling table = Grid.filling("table", "load-table");
        for (CheckStep step : steps) {
            table.line(
                    step.id(),
                    List.of(
                            Marks.of(step.done() ? Mark.SOUND : Mark.NOT_DONE, step.done() ? "done" : "to do"),
                            Words.wrapped(step.order()),
                            Words.quiet(step.tick()
                                    .map(Tick::at)
                                    .map(at ->
                                            at.toString().substring(0, MINUTES).replace('T', ' '))
                                    .orElse(""))));
        }
        return table.grid();
    }

    private void done() {
        actions.inTurn(this::doneInTurn);
    }

    private void takeBack() {
        actions.inTurn(actions::undo);
    }

    private void doneInTurn() {
        next(of.apply(actions.now()))
                .ifPresent(step -> actions.apply(PowerEdits.done(new Tick(step.id(), clock.instant()))));
        called++;
        showAgain.run();
    }
}
