package io.answerback.desktop.shell;

import io.answerback.core.assess.StopProgress;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The stops in the order of work, as one line with a mark and a figure each: the way around and the progress
/// at once.
final class RouteLine extends StackPane {
    private static final double MARK_RADIUS = 7.5;

    private final HBox stops = new HBox();
    private final OpenJob openJob;
    private final Look look;

    RouteLine(OpenJob openJob, Look look) {
        this.openJob = openJob;
        this.look = look;
        getStyleClass().add("route-line");
        getChildren().add(stops);
    }

    void show(WindowState state) {
        stops.getChildren()
                .setAll(state.assessment().stops().stream()
                        .map(progress -> stop(progress, progress.stop() == state.stop()))
                        .toList());
    }

    private Button stop(StopProgress progress, boolean open) {
        String figure = progress.done() + " of " + progress.of();
        String name = progress.stop().number() + " " + progress.stop().title();
        Label title = new Label(name);
        title.getStyleClass().add("stop-title");
        Label done = new Label(figure);
        done.getStyleClass().add("stop-figure");
        HBox words = new HBox(title, done);
        words.getStyleClass().add("stop-words");
        words.setAlignment(Pos.CENTER);
        String says = progress.stop().title() + ": " + progress.mark().word() + ", " + figure;
        StackPane line = new StackPane(rail(), Marks.of(progress.mark(), says, look.px(MARK_RADIUS)));
        VBox drawn = new VBox(line, words);
        drawn.setAlignment(Pos.CENTER);
        Button button = new Button();
        button.setGraphic(drawn);
        button.getStyleClass().add("stop");
        if (open) {
            button.getStyleClass().add("stop-open");
        }
        button.setAccessibleText(says + (open ? ", open" : ""));
        Hint.on(button, says + " (Ctrl+" + progress.stop().number() + ")");
        button.setOnAction(click -> openJob.go(progress.stop()));
        button.setMaxWidth(Double.MAX_VALUE);
        drawn.prefWidthProperty().bind(button.widthProperty());
        HBox.setHgrow(button, Priority.ALWAYS);
        return button;
    }

    private static Region rail() {
        Region rail = new Region();
        rail.getStyleClass().add("rail");
        rail.setMaxHeight(Region.USE_PREF_SIZE);
        return rail;
    }
}
