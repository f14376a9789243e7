package io.answerback.desktop.loop;

import io.answerback.core.chain.Mark;
import io.answerback.core.commission.LoopReading;
import io.answerback.core.common.Figures;
import io.answerback.core.common.Typed;
import io.answerback.core.fault.MeasurementSetup;
import io.answerback.core.id.PointId;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.profile.InputModel;
import io.answerback.core.site.Measurement;
import io.answerback.core.takeover.TakeOverEdits;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/// One loop in the column of readings.
final class ReadingRow {
    private final OpenJob openJob;
    private final Look look;
    private final InstantSource clock;
    private final MeasurementSetup setup;
    private final Label input = Words.figure("");
    private final Label name = Words.wrapped(new Label());
    private final Label should = Words.wrapped(Words.figure(""));
    private final TextField typed = new TextField();
    private final HBox verdict = new HBox();
    private final Label drift = Words.wrapped(Words.figure(""));
    private PointId pointId;
    private InputModel model;
    private String shownText = "";

    ReadingRow(OpenJob openJob, Look look, InstantSource clock, MeasurementSetup setup) {
        this.openJob = openJob;
        this.look = look;
        this.clock = clock;
        this.setup = setup;
        typed.getStyleClass().add("reading-typed");
        typed.setPrefColumnCount(7);
        typed.setMinWidth(TextField.USE_PREF_SIZE);
        input.setMinWidth(Label.USE_PREF_SIZE);
        verdict.getStyleClass().add("reading-verdict");
        name.setOnMouseClicked(click -> openJob.select(pointId));
        typed.focusedProperty().subscribe((was, is) -> {
            if (is && !was) {
                openJob.select(pointId);
                typed.selectAll();
            } else if (was && !is) {
                take();
            }
        });
        typed.setOnAction(enter -> {
            take();
            next();
        });
        typed.addEventFilter(KeyEvent.KEY_PRESSED, this::undoIfNothingIsTyped);
        typed.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                typed.setText(shownText);
                typed.getStyleClass().remove("refused");
                typed.selectAll();
                key.consume();
            } else if (key.getCode() == KeyCode.DOWN) {
                next();
                key.consume();
            }
        });
    }

    void addTo(GridPane column, int row) {
        column.addRow(row, input, name, should, typed, verdict, drift);
    }

    void show(WiredPoint wired, LoopReading reading, WindowState state) {
        pointId = wired.point().id();
        model = wired.model();
        input.setText(wired.input().map(its -> Integer.toString(its.number())).orElse("–"));
        name.setText(pointId + " " + wired.point().name());
        name.getStyleClass().remove("reading-selected");
        if (state.selected().equals(pointId)) {
            name.getStyleClass().add("reading-selected");
        }
        should.setText(reading.should());
        String text = reading.latest()
                .map(latest -> latest.ohms()
                        .map(ohms -> Figures.plain(Math.round(ohms * 10) / 10.0))
                        .orElse("open"))
                .orElse("");
        if (!text.equals(shownText) || !typed.getStyleClass().contains("refused")) {
            shownText = text;
            if (!typed.isFocused() || typed.getText().isEmpty()) {
                typed.setText(text);
            }
        }
        typed.setAccessibleText("Reading of %s, %s, should be %s"
                .formatted(name.getText(), setup.measured().words(), reading.should()));
        showVerdict(reading);
        drift.setText(drift(reading));
    }

    private void showVerdict(LoopReading reading) {
        Mark mark = switch (reading.verdict()) {
            case NOT_MEASURED -> Mark.NOT_DONE;
            case AS_PREDICTED -> Mark.SOUND;
            case TOO_LOW, TOO_HIGH -> Mark.WRONG;
        };
        String says = reading.verdict().words();
        if (reading.verdict().off()) {
            double by = reading.offByOhms();
            says += Double.isInfinite(by) ? ": open" : " by " + Figures.ohms(by);
        }
        verdict.getChildren().setAll(Marks.of(mark, says, look.px(4.5)), Words.wrapped(new Label(says)));
    }

    private static String drift(LoopReading reading) {
        return reading.driftOhms()
                .map(drift -> Double.isInfinite(drift) ? "changed" : Figures.signedOhms(drift))
                .orElse(reading.before().isPresent() ? "as it was" : "");
    }

    private void take() {
        String text = typed.getText().strip();
        if (text.isEmpty() || text.equals(shownText)) {
            typed.getStyleClass().remove("refused");
            return;
        }
        switch (TypedReading.of(text, pointId, setup.measured(), model, clock.instant())) {
            case Typed.Read<Measurement>(Measurement made) -> {
                openJob.apply(TakeOverEdits.measured(made));
                typed.getStyleClass().remove("refused");
            }
            case Typed.Refused<Measurement>(String why) -> {
                if (!typed.getStyleClass().contains("refused")) {
                    typed.getStyleClass().add("refused");
                }
                openJob.tell(name.getText() + ": " + why);
            }
        }
    }

    /// The field keeps Ctrl+Z for what is being typed; where nothing is, it means the last edit.
    private void undoIfNothingIsTyped(KeyEvent key) {
        if (key.isShortcutDown()
                && key.getCode() == KeyCode.Z
                && typed.getText().equals(shownText)) {
            openJob.undo();
            key.consume();
        }
    }

    private void next() {
        GridPane column = (GridPane) typed.getParent();
        int row = GridPane.getRowIndex(typed) + 1;
        column.getChildren().stream()
                .filter(node -> node instanceof TextField && GridPane.getRowIndex(node) == row)
                .findFirst()
                .ifPresent(javafx.scene.Node::requestFocus);
    }
}
