package io.answerback.command.exercise;

import io.answerback.core.paper.Table;
import io.answerback.core.paper.TableSetter;
import io.answerback.files.SafeFile;
import io.answerback.print.PdfWriter;
import java.io.IOException;
import java.nio.file.Path;

/// Writes a table as a PDF.
final class Printed {
    private Printed() {}

    static void write(Path file, Table table) throws IOException {
        SafeFile.replace(
                file,
                PdfWriter.write(measure -> TableSetter.set(table, measure)).bytes());
    }
}
