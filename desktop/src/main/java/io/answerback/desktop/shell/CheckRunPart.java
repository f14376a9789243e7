package io.answerback.desktop.shell;

import io.answerback.core.chain.Mark;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.power.Tick;
import io.answerback.core.supply.CheckStep;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.OwnKeys;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;

/// A check-run, one step at a time on a large card and every step below: Enter when it is done, Backspace to
/// take the last one back. What was done is kept with its time.
public final class CheckRunPart {
    private static final int MINUTES = 16;

    private final OpenJob openJob;
    private final Look look;
    private final InstantSource clock;
    private final OwnKeys card = new OwnKeys();
    private List<CheckStep> steps = List.of();

    /// A run with no steps yet.
    ///
    /// @param clock tells when a step is done
    public CheckRunPart(OpenJob openJob, Look look, InstantSource clock) {
        this.openJob = openJob;
        this.look = look;
        this.clock = clock;
        card.getStyleClass().add("run-card");
        card.setOnMouseClicked(click -> card.requestFocus());
        card.addEventHandler(KeyEvent.KEY_PRESSED, this::press);
    }

    /// How far it has come, in a few words.
    public static String progress(List<CheckStep> steps) {
        return "%d of %d done".formatted(steps.stream().filter(CheckStep::done).count(), steps.size());
    }

    /// The buttons that do what its keys do.
    ///
    /// @param prefix what the names of its steps begin with
    public List<Node> tools(String prefix) {
        return List.of(
                Tool.of("Done ↵", "this step is done", this::done),
                Tool.of("Take back ⌫", "the last is undone again", openJob::undo),
                Tool.of("Begin anew", "every step is open again", () -> openJob.apply(PowerEdits.anew(prefix))));
    }

    /// The card of the next step and the table of all of them.
    ///
    /// @param finished what stands on the card when all is done
    public List<Node> show(List<CheckStep> shown, String finished) {
        steps = shown;
        card(finished);
        return List.of(card, table());
    }

    private Optional<CheckStep> next() {
        return steps.stream().filter(step -> !step.done()).findFirst();
    }

    private void card(String finished) {
        card.getChildren().clear();
        Optional<CheckStep> next = next();
        if (next.isEmpty()) {
            card.getChildren().add(Words.wrapped(Words.of("run-order", finished)));
            card.setAccessibleText("Everything is done");
            return;
        }
        CheckStep step = next.get();
        card.getChildren()
                .addAll(
                        Words.quiet("%d of %d".formatted(steps.indexOf(step) + 1, steps.size())),
                        Words.wrapped(Words.of("run-order", step.order())),
                        Words.wrapped(Words.of(step.caution() ? "caution" : "run-mind", step.mind())));
        if (!step.shows().isEmpty()) {
            card.getChildren().add(Words.wrapped(Words.of("run-mind", "What it should show: " + step.shows())));
        }
        card.setAccessibleText(step.order() + ". " + step.mind() + " " + step.shows());
    }

    private GridPane table() {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "load-table");
        for (CheckStep step : steps) {
            table.addRow(
                    table.getRowCount(),
                    Marks.of(step.done() ? Mark.SOUND : Mark.NOT_DONE, step.done() ? "done" : "open", look.px(4.5)),
                    Words.wrapped(new Label(step.order())),
                    Words.quiet(step.tick()
                            .map(Tick::at)
                            .map(at -> at.toString().substring(0, MINUTES).replace('T', ' '))
                            .orElse("")));
        }
        return table;
    }

    private void press(KeyEvent key) {
        if (key.getCode() == KeyCode.ENTER) {
            done();
        } else if (key.getCode() == KeyCode.BACK_SPACE) {
            openJob.undo();
        } else {
            return;
        }
        key.consume();
    }

    private void done() {
        next().ifPresent(step -> openJob.apply(PowerEdits.done(new Tick(step.id(), clock.instant()))));
        card.requestFocus();
    }
}
