package io.answerback.desktop.survey;

import io.answerback.core.chain.Mark;
import io.answerback.core.common.Figures;
import io.answerback.core.device.PointKind;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.PointDraft;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/// One row of a table: the line it is on, what it means, or what is wrong with it.
final class ImportCell extends ListCell<ImportPlan.Reading> {
    private static final double MARK_RADIUS = 4.5;

    private final Look look;

    ImportCell(Look look) {
        this.look = look;
        getStyleClass().add("import-cell");
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(ImportPlan.Reading row, boolean empty) {
        super.updateItem(row, empty);
        if (empty || row == null) {
            setGraphic(null);
            setAccessibleText(null);
            return;
        }
        PointDraft point = row.point();
        HBox line = new HBox(
                Words.of("import-line", "line " + row.line()),
                Marks.of(
                        point.complete() ? Mark.SOUND : Mark.WRONG,
                        point.complete() ? "can be taken in" : "has to be mended",
                        look.px(MARK_RADIUS)),
                Words.of("import-id", point.id().text()),
                name(point));
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("point-row");
        String says = says(point);
        Label rest = Words.of(point.complete() ? "tile-type" : "entry-problem", says);
        rest.getStyleClass().add("import-says");
        rest.setTextOverrun(OverrunStyle.ELLIPSIS);
        rest.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(rest, Priority.ALWAYS);
        line.getChildren().add(rest);
        setGraphic(line);
        Hint.on(line, says);
        setAccessibleText("line %d: %s %s, %s".formatted(row.line(), point.id(), point.name(), says));
    }

    private static Label name(PointDraft point) {
        Label name = Words.of("import-name", point.name());
        name.setTextOverrun(OverrunStyle.ELLIPSIS);
        return name;
    }

    /// What a row means, or all that is wrong with it.
    static String says(PointDraft point) {
        return point.complete() ? meaning(point) : String.join("; ", point.problems());
    }

    private static String meaning(PointDraft point) {
        String area = point.area()
                .map(place -> "%02d %s%s".formatted(place.number(), place.name(), place.fresh() ? " (new)" : ""))
                .orElse("no area");
        String cable = point.metres()
                .map(metres -> " · " + Figures.plain(metres) + " m")
                .orElse("");
        return "%s · %s · %s%s%s"
                .formatted(
                        point.kind().map(PointKind::name).orElse(""),
                        point.type().map(ZoneType::words).orElse(""),
                        area,
                        point.wayIn() ? " · way in" : "",
                        cable);
    }
}
