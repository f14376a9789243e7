package io.answerback.desktop.shell;

import io.answerback.core.chain.Mark;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.present.RoutePresentation.OneStop;
import io.answerback.desktop.theme.Look;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// One stop on the route line. It is made once; what changes is changed on it.
final class StopButton extends Button {
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private static final double MARK_RADIUS = 7.5;

    private final Look look;
    private final Label title = new Label();
    private final Label done = new Label();
    private final StackPane line = new StackPane(rail());
    private OneStop shown;
    private Mark mark;
    private int textPercent;

    StopButton(Look look) {
        this.look = look;
        title.getStyleClass().add("stop-title");
        done.getStyleClass().add("stop-figure");
        HBox words = new HBox(title, done);
        words.getStyleClass().add("stop-words");
        words.setAlignment(Pos.CENTER);
        VBox drawn = new VBox(line, words);
        drawn.setAlignment(Pos.CENTER);
        drawn.prefWidthProperty().bind(widthProperty());
        setGraphic(drawn);
        getStyleClass().add("stop");
        setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(this, Priority.ALWAYS);
    }

    void show(OneStop stop) {
        showMark(stop);
        if (!stop.equals(shown)) {
            shown = stop;
            title.setText(stop.name());
            done.setText(stop.figure());
            pseudoClassStateChanged(OPEN, stop.open());
            setAccessibleText(stop.says());
            Hint.on(this, stop.hint());
        }
    }

    private void showMark(OneStop stop) {
        if (mark != stop.mark() || textPercent != look.textPercent().get()) {
            mark = stop.mark();
            textPercent = look.textPercent().get();
            line.getChildren().setAll(rail(), Marks.of(mark, mark.word(), look.px(MARK_RADIUS)));
        }
    }

    private static Region rail() {
        Region rail = new Region();
        rail.getStyleClass().add("rail");
        rail.setMaxHeight(Region.USE_PREF_SIZE);
        return rail;
    }
}
