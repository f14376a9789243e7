package io.answerback.files.exchange;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.ImportPlan;
import io.answerback.core.survey.PointColumn;
import io.answerback.core.survey.PointTable;
import io.answerback.files.BrokenFile;
import io.answerback.files.CsvTable;
import io.answerback.files.SafeFile;
import io.answerback.files.TextEncoding;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Tables of points as comma-separated text (RFC 4180): read from a client's spreadsheet, written for one.
/// Commas, semicolons and tabs are told apart by the first line.
public final class PointCsv {
    private static final CsvTable.Expected EXPECTED = new CsvTable.Expected(
            "number,name,kind,type,area",
            ImportPlan.MOST_POINTS,
            "a job holds at most %d points. Keep the rows of this site only.".formatted(ImportPlan.MOST_POINTS));

    private PointCsv() {}

    /// Reads a table.
    ///
    /// @throws BrokenFile when there is no such file, it is no text in this encoding, has no headings or no
    ///     rows, a quote is never closed, or there are more rows than a job can hold; says which and what to do
    public static PointTable read(Path file, TextEncoding encoding) throws BrokenFile {
        CsvTable table = CsvTable.read(file, encoding, EXPECTED);
        return new PointTable(
                table.headings(),
                table.rows().stream()
                        .map(row -> new PointTable.Row(row.line(), row.cells()))
                        .toList());
    }

    /// Writes a job's points, atomically. A text that a spreadsheet would work out as a formula gets a single
    /// quote in front, which [#read] and [ImportPlan] take away again.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void write(Path file, Job job) throws IOException {
        SafeFile.replace(file, text(job));
    }

    /// The text [#write] writes.
    static String text(Job job) {
        StringBuilder text = new StringBuilder(CsvTable.line(Stream.concat(
                Arrays.stream(PointColumn.values()).map(PointColumn::title), Stream.of("input", "zone number"))));
        Map<PointId, Input> inputs = job.inputs().stream()
                .filter(input -> input.pointId().isPresent())
                .collect(Collectors.toMap(input -> input.pointId().orElseThrow(), input -> input));
        for (Point point : job.points()) {
            text.append(CsvTable.line(
                    Stream.concat(own(job, point, job.cableTo(point.id())), wiring(job, inputs.get(point.id())))));
        }
        return text.toString();
    }

    private static Stream<String> own(Job job, Point point, Optional<Cable> cable) {
        var surveyed = point.surveyed();
        return Arrays.stream(PointColumn.values()).map(column -> switch (column) {
            case NUMBER -> point.id().text();
            case NAME -> point.name();
            case KIND -> point.kind().name();
            case TYPE -> surveyed.type().words();
            case AREA -> surveyed.area().flatMap(job::area).map(Area::name).orElse("");
            case WAY_IN -> surveyed.wayIn() ? "yes" : "no";
            case METRES -> cable.map(its -> Figures.plain(its.metres())).orElse("");
        });
    }

    private static Stream<String> wiring(Job job, Input input) {
        return input == null ? Stream.of("", "") : Stream.of(job.nameOf(input), Integer.toString(input.zone()));
    }

    /// Rows of a table that could not be imported, with what is wrong with each, to be mended and read again.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void writeBad(Path file, PointTable table, ImportPlan plan) throws IOException {
        StringBuilder text =
                new StringBuilder(CsvTable.line(Stream.concat(table.headings().stream(), Stream.of("problem"))));
        for (ImportPlan.Reading bad : plan.bad()) {
            List<String> cells = new ArrayList<>(bad.cells());
            while (cells.size() < table.headings().size()) {
                cells.add("");
            }
            cells.add(String.join("; ", bad.point().problems()));
            text.append(CsvTable.line(cells.stream()));
        }
        SafeFile.replace(file, text.toString());
    }
}
