package io.answerback.desktop.shell;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.desktop.control.Hint;
import io.answerback.desktop.control.MarkGlyph;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.value.ObservableBooleanValue;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.OverrunStyle;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/// A row of the point list: number, name and the marks.
final class PointCell extends ListCell<PointResult> {
    private static final PseudoClass FIRST_SYSTEM = PseudoClass.getPseudoClass("first-system");
    private static final double MARK_RADIUS = 4.5;

    private static final PseudoClass PICKED = PseudoClass.getPseudoClass("picked");

    private final Look look;
    private final OpenJob openJob;
    private final Label id = new Label();
    private final Label name = new Label();
    private final HBox row = new HBox(id, name);
    private final List<MarkGlyph> marks = Stream.generate(MarkGlyph::new)
            .limit(PointList.Column.values().length)
            .toList();

    private final MarkGlyph worst = new MarkGlyph();

    /// @param narrow whether there is room for one mark only
    PointCell(Look look, OpenJob openJob, ObservableBooleanValue narrow) {
        this.look = look;
        this.openJob = openJob;
        addEventFilter(MouseEvent.MOUSE_PRESSED, this::press);
        getStyleClass().add("point-cell");
        setPrefWidth(0);
        id.getStyleClass().add("point-id");
        id.setMinWidth(Label.USE_PREF_SIZE);
        name.getStyleClass().add("point-name");
        name.setTextOverrun(OverrunStyle.ELLIPSIS);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        row.getStyleClass().add("point-row");
        row.setAlignment(Pos.CENTER_LEFT);
        row.getChildren().addAll(marks);
        row.getChildren().add(worst);
        BooleanBinding wide = Bindings.not(narrow);
        marks.forEach(mark -> shownWhile(mark, wide));
        shownWhile(worst, narrow);
    }

    private static void shownWhile(MarkGlyph mark, ObservableBooleanValue its) {
        mark.visibleProperty().bind(its);
        mark.managedProperty().bind(its);
    }

    /// With Ctrl a click picks the point beside the others, with Shift all up to it.
    private void press(MouseEvent press) {
        if (getItem() != null && (press.isShortcutDown() || press.isShiftDown())) {
            if (press.isShortcutDown()) {
                openJob.pick(getItem().pointId());
            } else {
                openJob.pickUpTo(getItem().pointId());
            }
            press.consume();
        }
    }

    @Override
    protected void updateItem(PointResult point, boolean empty) {
        super.updateItem(point, empty);
        pseudoClassStateChanged(FIRST_SYSTEM, !empty && point != null && firstOfSystem(point));
        showPicked();
        if (empty || point == null) {
            setGraphic(null);
            setAccessibleText(null);
            return;
        }
        id.setText(point.wired().isPresent() ? point.pointId().text() : "");
        name.setText(point.name());
        Hint.on(name, point.name());
        for (PointList.Column column : PointList.Column.values()) {
            marks.get(column.ordinal()).show(column.mark(point), column.says(point), look.px(MARK_RADIUS));
        }
        Mark mark = point.worst(Link.POINT, Link.STATION);
        worst.show(mark, "Whole chain: " + mark.word(), look.px(MARK_RADIUS));
        setGraphic(row);
        setAccessibleText(point.pointId() + " " + point.name() + ", "
                + Arrays.stream(PointList.Column.values())
                        .map(column -> column.says(point))
                        .collect(Collectors.joining(", ")));
    }

    /// Shows whether its point is among those that are picked now.
    void showPicked() {
        PointResult point = getItem();
        pseudoClassStateChanged(PICKED, point != null && openJob.now().picks(point.pointId()));
    }

    private static boolean firstOfSystem(PointResult point) {
        return point.pointId().equals(SystemPoint.MAINS.id());
    }
}
