package io.answerback.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/// A table of comma-separated text (RFC 4180): a line of headings, and rows of cells with the line of the
/// file each begins on. Commas, semicolons and tabs are told apart by the first line.
///
/// @param headings what the columns are called there
/// @param rows the rows in their order, blank ones left out
public record CsvTable(List<String> headings, List<Row> rows) {
    private static final long LARGEST_BYTES = 16L << 20;
    private static final List<Character> SEPARATORS = List.of(',', ';', '\t');
    private static final String LINE_END = "\r\n";
    private static final String CLOSE_QUOTES =
            "Put every quote inside a text twice, and close it at the end of its cell.";

    public CsvTable {
        headings = List.copyOf(headings);
        rows = List.copyOf(rows);
    }

    /// One row.
    ///
    /// @param line the line of the file it begins on, from 1
    /// @param cells its cells, from the left
    public record Row(int line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /// What somebody expects of a table.
    ///
    /// @param headings an example of its first line
    /// @param mostRows the most rows that make sense
    /// @param limit says so, and what to do with more, as the end of a sentence and another
    public record Expected(String headings, int mostRows, String limit) {}

    /// Reads a table.
    ///
    /// @throws BrokenFile when there is no such file, it is no text in this encoding, has no headings or no
    ///     rows, a quote is never closed, or there are too many rows; says which and what to do
    public static CsvTable read(Path file, TextEncoding encoding, Expected expected) throws BrokenFile {
        return Boundary.read(file.toString(), CLOSE_QUOTES, () -> parsed(file, encoding, expected));
    }

    private static CsvTable parsed(Path file, TextEncoding encoding, Expected expected) throws BrokenFile {
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
            return table(file, parser, expected);
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new BrokenFile(
                    "%s: a quote is not closed, or something follows a closed one. %s".formatted(file, CLOSE_QUOTES));
        }
    }

    private static CsvTable table(Path file, CSVParser parser, Expected expected) throws BrokenFile {
        List<String> headings = null;
        List<Row> rows = new ArrayList<>();
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
            } else if (++count <= expected.mostRows()) {
                rows.add(new Row((int) begins, record.toList()));
            }
        }
        if (headings == null || count == 0) {
            throw new BrokenFile(
                    "%s has no rows under a line of headings. Give the first line the names of the columns, such as %s."
                            .formatted(file, expected.headings()));
        }
        if (count > expected.mostRows()) {
            throw new BrokenFile("%s has %d rows; %s".formatted(file, count, expected.limit()));
        }
        return new CsvTable(headings, rows);
    }

    private static String text(Path file, TextEncoding encoding) throws BrokenFile {
        try {
            if (Files.size(file) > LARGEST_BYTES) {
                throw new BrokenFile(file + " is larger than 16 MB. Keep only the rows that are needed.");
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

    /// A line to be written: no cell of it is worked out by a spreadsheet.
    public static String line(Stream<String> cells) {
        return CSVFormat.RFC4180.format(cells.map(CsvTable::harmless).toArray()) + LINE_END;
    }

    private static String harmless(String text) {
        return text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : text;
    }
}
