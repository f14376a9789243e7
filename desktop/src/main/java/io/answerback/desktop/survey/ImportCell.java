package io.answerback.desktop.survey;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.PointDraft;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import java.util.List;

/// One row of a table: the line it is on, what it means, or what is wrong with it.
final class ImportCell {
    private ImportCell() {}

    /// @param select shows all that is said of it below
    static With of(ImportPlan.Reading row, boolean selected, Runnable select) {
        PointDraft point = row.point();
        String says = says(point);
        Press cell = new Press(
                "import-cell",
                "line %d: %s %s, %s".formatted(row.line(), point.id(), point.name(), says),
                select,
                List.of(
                        Words.of("import-line", "line " + row.line()),
                        Marks.of(
                                point.complete() ? Mark.SOUND : Mark.WRONG,
                                point.complete() ? "can be taken in" : "has to be mended"),
                        Words.of("import-id", point.id().text()),
                        Words.of("import-name", point.name()),
                        Words.of(point.complete() ? "tile-type" : "entry-problem", says)
                                .styled("import-says")
                                .growing()));
        With shown = selected ? cell.styled("import-selected") : cell.styled();
        return shown.hint(says).keyed(row.line());
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
