package io.answerback.files.exchange;

import io.answerback.core.paper.Table;
import io.answerback.files.CsvTable;
import io.answerback.files.SafeFile;
import java.io.IOException;
import java.nio.file.Path;

/// A schedule as comma-separated text, for spreadsheets.
public final class TableCsv {
    private TableCsv() {}

    /// Writes a schedule, atomically.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void write(Path file, Table table) throws IOException {
        SafeFile.replace(file, text(table));
    }

    /// The text [#write] writes.
    public static String text(Table table) {
        StringBuilder text = new StringBuilder(CsvTable.line(table.headings().stream()));
        table.rows().forEach(row -> text.append(CsvTable.line(row.stream())));
        return text.toString();
    }
}
