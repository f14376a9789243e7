package io.answerback.files;

import io.answerback.chain.Figures;
import io.answerback.job.Area;
import io.answerback.job.Cable;
import io.answerback.job.Input;
import io.answerback.job.Job;
import io.answerback.job.Point;
import io.answerback.survey.ImportPlan;
import io.answerback.survey.PointColumn;
import io.answerback.survey.PointTable;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/// Tables of points as comma-separated text (RFC 4180): read from a client's spreadsheet, written for one.
/// Commas, semicolons and tabs are told apart by the first line.
public final class PointCsv {
    private static final long LARGEST_BYTES = 16L << 20;
    private static final List<Character> SEPARATORS = List.of(',', ';', '\t');
    private static final String LINE_END = "\r\n";

    private PointCsv() {}

    /// Reads a table.
    ///
    /// @throws BrokenFile when there is no such file, it is no text in this encoding, has no headings or no
    ///     rows, a quote is never closed, or there are more rows than a job can hold; says which and what to do
    public static PointTable read(Path file, TextEncoding encoding) throws BrokenFile {
        String text = text(file, encoding);
        if (text.indexOf('\0') >= 0) {
            throw new BrokenFile(file + " is not a table of text. Save the sheet as CSV and open that file.");
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator(text))
                .setIgnoreEmptyLines(false)
                .get();
        try (CSVParser parser = format.parse(new StringReader(text))) {
            return table(file, parser);
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new BrokenFile("%s: %s. Put every quote inside a text twice, and close it at the end of its cell."
                    .formatted(file, reason(broken)));
        }
    }

    private static String reason(Exception broken) {
        Throwable cause = broken.getCause() == null ? broken : broken.getCause();
        return String.valueOf(cause.getMessage()).replaceAll("\\.$", "");
    }

    private static PointTable table(Path file, CSVParser parser) throws BrokenFile {
        List<String> headings = null;
        List<PointTable.Row> rows = new ArrayList<>();
        int count = 0;
        long line = 1;
        for (CSVRecord record : parser) {
            long begins = line;
            line = parser.getCurrentLineNumber() + 1;
            if (record.stream().allMatch(String::isBlank)) {
                continue;
            }
            if (headings == null) {
                headings = record.stream().map(String::strip).toList();
            } else if (++count <= ImportPlan.MOST_POINTS) {
                rows.add(new PointTable.Row((int) begins, record.toList()));
            }
        }
        requireRows(file, headings, count);
        return new PointTable(headings, rows);
    }

    private static void requireRows(Path file, List<String> headings, int count) throws BrokenFile {
        if (headings == null || count == 0) {
            throw new BrokenFile(file + " has no rows under a line of headings. Give the first line the names of the"
                    + " columns, such as number,name,kind,type,area.");
        }
        if (count > ImportPlan.MOST_POINTS) {
            throw new BrokenFile("%s has %d rows; a job holds at most %d points. Keep the rows of this site only."
                    .formatted(file, count, ImportPlan.MOST_POINTS));
        }
    }

    private static String text(Path file, TextEncoding encoding) throws BrokenFile {
        try {
            if (Files.size(file) > LARGEST_BYTES) {
                throw new BrokenFile(file + " is larger than 16 MB. Keep the rows of this site only.");
            }
            return encoding.decode(Files.readAllBytes(file));
        } catch (TextEncoding.NotThis garbled) {
            throw new BrokenFile("%s, on line %d the byte %02X is not %s text. Read it as %s, or save it as UTF-8."
                    .formatted(
                            file,
                            garbled.line(),
                            garbled.value(),
                            encoding.title(),
                            other(encoding).title()));
        } catch (NoSuchFileException missing) {
            throw new BrokenFile("There is no file " + file + ". Check the name and the folder.");
        } catch (IOException unreadable) {
            throw new BrokenFile(
                    "%s cannot be read: %s. Check that you may read it.".formatted(file, unreadable.getMessage()));
        }
    }

    private static TextEncoding other(TextEncoding encoding) {
        return encoding == TextEncoding.UTF_8 ? TextEncoding.WINDOWS_1252 : TextEncoding.UTF_8;
    }

    /// The separator the first line has most of; a comma when it has none.
    private static char separator(String text) {
        String headings =
                text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        char commonest = ',';
        for (char separator : SEPARATORS) {
            if (count(headings, separator) > count(headings, commonest)) {
                commonest = separator;
            }
        }
        return commonest;
    }

    private static long count(String text, char wanted) {
        return text.chars().filter(letter -> letter == wanted).count();
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
        StringBuilder text = new StringBuilder(row(Stream.concat(
                Arrays.stream(PointColumn.values()).map(PointColumn::title), Stream.of("input", "zone number"))));
        Map<String, Cable> cables = job.cables().stream().collect(Collectors.toMap(Cable::pointId, cable -> cable));
        Map<String, Input> inputs = job.inputs().stream()
                .filter(input -> input.pointId().isPresent())
                .collect(Collectors.toMap(input -> input.pointId().orElseThrow(), input -> input));
        for (Point point : job.points()) {
            text.append(row(Stream.concat(own(job, point, cables.get(point.id())), wiring(inputs.get(point.id())))));
        }
        return text.toString();
    }

    private static Stream<String> own(Job job, Point point, Cable cable) {
        var duty = point.duty();
        return Arrays.stream(PointColumn.values()).map(column -> switch (column) {
            case NUMBER -> point.id();
            case NAME -> point.name();
            case KIND -> point.kind().name();
            case TYPE -> duty.type().words();
            case AREA -> duty.area().flatMap(job::area).map(Area::name).orElse("");
            case WAY_IN -> duty.wayIn() ? "yes" : "no";
            case METRES -> cable == null ? "" : Figures.plain(cable.metres());
        });
    }

    private static Stream<String> wiring(Input input) {
        return input == null ? Stream.of("", "") : Stream.of(input.name(), Integer.toString(input.zone()));
    }

    /// Rows of a table that could not be imported, with what is wrong with each, to be mended and read again.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void writeBad(Path file, PointTable table, ImportPlan plan) throws IOException {
        StringBuilder text = new StringBuilder(row(Stream.concat(table.headings().stream(), Stream.of("problem"))));
        for (ImportPlan.Reading bad : plan.bad()) {
            List<String> cells = new ArrayList<>(bad.cells());
            while (cells.size() < table.headings().size()) {
                cells.add("");
            }
            cells.add(String.join("; ", bad.point().problems()));
            text.append(row(cells.stream()));
        }
        SafeFile.replace(file, text.toString());
    }

    /// A line of the file: no cell of it is worked out by a spreadsheet.
    static String row(Stream<String> cells) {
        return CSVFormat.RFC4180.format(cells.map(PointCsv::harmless).toArray()) + LINE_END;
    }

    private static String harmless(String text) {
        return text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : text;
    }
}
