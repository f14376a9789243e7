package io.answerback.desktop.survey;

import io.answerback.core.finding.Stop;
import io.answerback.core.site.Point;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/// A point in its room. A click looks at it, a click with Ctrl picks it beside the others, with Shift all up
/// to it.
final class PointTile extends HBox {
    private static final PseudoClass PICKED = PseudoClass.getPseudoClass("picked");
    private static final double GLYPH_SIZE = 14;
    private static final double MARK_RADIUS = 4.5;

    private final OpenJob openJob;
    private final Point point;

    PointTile(OpenJob openJob, WindowState state, Point point, Look look) {
        this.openJob = openJob;
        this.point = point;
        getStyleClass().add("tile");
        setAlignment(Pos.CENTER_LEFT);
        pseudoClassStateChanged(PICKED, state.picked().contains(point.id()));
        Label name = Words.of("tile-name", point.name());
        name.setTextOverrun(OverrunStyle.ELLIPSIS);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Label type = Words.of("tile-type", typeWords(point));
        type.setMinWidth(USE_PREF_SIZE);
        var mark = state.assessment()
                .mark(Stop.SURVEY, state.assessment().point(point.id()).orElseThrow());
        getChildren()
                .addAll(
                        PointGlyph.of(point.kind().family(), point.surveyed().wayIn(), look.px(GLYPH_SIZE)),
                        Words.of("point-id", point.id().text()),
                        name,
                        type,
                        Marks.of(mark, "Survey: " + mark.word(), look.px(MARK_RADIUS)));
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(says(state) + ", " + mark.word());
        Hint.on(this, says(state));
        setOnMouseClicked(this::click);
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER) {
                openJob.select(point.id());
                key.consume();
            }
        });
    }

    private static String typeWords(Point point) {
        return point.surveyed().type().words() + (point.surveyed().wayIn() ? ", way in" : "");
    }

    private String says(WindowState state) {
        String input = state.job().inputOf(point.id()).map(state.job()::nameOf).orElse("no input");
        return "%s %s: %s, %s, %s"
                .formatted(point.id(), point.name(), point.kind().name(), typeWords(point), input);
    }

    private void click(MouseEvent click) {
        if (click.isShortcutDown()) {
            openJob.pick(point.id());
        } else if (click.isShiftDown()) {
            openJob.pickUpTo(point.id());
        } else {
            openJob.select(point.id());
        }
        click.consume();
    }
}
