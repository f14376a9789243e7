package io.answerback.desktop.shell;

import io.answerback.desktop.control.Hint;
import io.answerback.desktop.control.MarkGlyph;
import io.answerback.desktop.present.RoutePresentation.OneStop;
import io.answerback.desktop.theme.Look;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// One stop on the route line. It is made once; what changes is changed on it.
final class StopButton extends Button {
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private static final double MARK_RADIUS = 7.5;
    private static final int LARGE_PERCENT = 120;

    private final Look look;
    private final Label title = new Label();
    private final Label done = new Label();
    private final HBox beside = new HBox();
    private final VBox below = new VBox();
    private final MarkGlyph mark = new MarkGlyph();
    private OneStop shown;

    StopButton(Look look) {
        this.look = look;
        title.getStyleClass().add("stop-title");
        done.getStyleClass().add("stop-figure");
        for (Pane words : List.of(beside, below)) {
            words.getStyleClass().add("stop-words");
        }
        below.getStyleClass().add("stop-below");
        beside.setAlignment(Pos.CENTER);
        below.setAlignment(Pos.CENTER);
        VBox drawn = new VBox(new StackPane(rail(), mark), new StackPane(beside, below));
        drawn.setAlignment(Pos.CENTER);
        drawn.prefWidthProperty().bind(widthProperty());
        setGraphic(drawn);
        getStyleClass().add("stop");
        setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(this, Priority.ALWAYS);
    }

    void show(OneStop stop) {
        mark.show(stop.mark(), stop.mark().word(), look.px(MARK_RADIUS));
        // with large text nine stops have room for a name above its figure only
        Pane words = look.textPercent().get() > LARGE_PERCENT ? below : beside;
        if (title.getParent() != words) {
            words.getChildren().setAll(title, done);
        }
        if (!stop.equals(shown)) {
            shown = stop;
            title.setText(stop.name());
            done.setText(stop.figure());
            pseudoClassStateChanged(OPEN, stop.open());
            setAccessibleText(stop.says());
            Hint.on(this, stop.hint());
        }
    }

    private static Region rail() {
        Region rail = new Region();
        rail.getStyleClass().add("rail");
        rail.setMaxHeight(Region.USE_PREF_SIZE);
        return rail;
    }
}
