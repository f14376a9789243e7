package io.answerback.desktop.power;

import io.answerback.chain.Mark;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.OwnKeys;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.edit.PowerEdits;
import io.answerback.job.Tick;
import io.answerback.supply.PowerRun.Direction;
import io.answerback.supply.PowerStep;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;

/// Power-down and power-up, one step at a time: Enter when it is done, Backspace to take the last one back. What was
/// done
/// is kept with its time.
final class SequenceSheet extends Sheet {
    private static final int MINUTES = 16;

    private final Desk desk;
    private final Look look;
    private final InstantSource clock;
    private final OwnKeys card = new OwnKeys();
    private Direction direction = Direction.DOWN;

    SequenceSheet(Desk desk, Look look, InstantSource clock) {
        this.desk = desk;
        this.look = look;
        this.clock = clock;
        card.getStyleClass().add("run-card");
        card.setOnMouseClicked(click -> card.requestFocus());
        card.addEventHandler(KeyEvent.KEY_PRESSED, this::press);
        instrument
                .getChildren()
                .setAll(
                        Words.title("Before anything else"),
                        Words.wrapped(Words.quiet(
                                "The maker's manual of this panel comes first; where it says otherwise, do that.")),
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "Mains: isolate, lock off, prove dead. Mains work belongs to a licensed electrician where your local code says so.")));
    }

    @Override
    public String title() {
        return "Power down and up";
    }

    @Override
    public String about(DeskState state) {
        List<PowerStep> steps = steps(state);
        return "%d of %d done".formatted(steps.stream().filter(PowerStep::done).count(), steps.size());
    }

    @Override
    public void show(DeskState state) {
        List<PowerStep> steps = steps(state);
        Flow row = new Flow(
                Switch.bare("Direction", Arrays.asList(Direction.values()), direction, Direction::words, chosen -> {
                    direction = chosen;
                    show(desk.now());
                }),
                Tool.of("Done ↵", "this step is done", this::done),
                Tool.of("Take back ⌫", "the last is undone again", desk::undo),
                Tool.of(
                        "Begin anew",
                        "every step of this way is open again",
                        () -> desk.apply(PowerEdits.anew(direction.prefix()))));
        row.getStyleClass().add("switches");
        card(steps);
        sheet.getChildren().setAll(row, card, table(steps));
    }

    private List<PowerStep> steps(DeskState state) {
        return SupplyChoice.supplies(state).runs().get(direction);
    }

    private static Optional<PowerStep> next(List<PowerStep> steps) {
        return steps.stream().filter(step -> !step.done()).findFirst();
    }

    private void card(List<PowerStep> steps) {
        card.getChildren().clear();
        Optional<PowerStep> next = next(steps);
        if (next.isEmpty()) {
            card.getChildren()
                    .add(Words.of("run-order", direction == Direction.DOWN ? "Everything is off" : "Everything is on"));
            card.setAccessibleText("Everything is done");
            return;
        }
        PowerStep step = next.get();
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

    private GridPane table(List<PowerStep> steps) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "load-table");
        for (PowerStep step : steps) {
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
            desk.undo();
        } else {
            return;
        }
        key.consume();
    }

    private void done() {
        next(steps(desk.now())).ifPresent(step -> desk.apply(PowerEdits.done(new Tick(step.id(), clock.instant()))));
        card.requestFocus();
    }
}
