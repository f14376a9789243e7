package io.answerback.desktop.work;

import io.answerback.core.paper.Measure;
import io.answerback.core.paper.Paper;
import io.answerback.files.SafeFile;
import io.answerback.print.PdfWriter;
import io.answerback.print.SvgWriter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/// Writes paper as a file, in the format its name ends in.
public final class PaperFile {
    private static final String SVG = ".svg";

    private PaperFile() {}

    /// Sets and writes a paper.
    ///
    /// @param file ends in .svg, where more pages are numbered; anything else becomes a PDF
    /// @return what could not be put on it as it should be
    /// @throws IOException when the disk refuses; files are then as they were
    public static List<String> write(Path file, Function<Measure, Paper> setting) throws IOException {
        PdfWriter.Written written = PdfWriter.write(setting);
        if (file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(SVG)) {
            svg(file, written.paper());
        } else {
            SafeFile.replace(file, written.bytes());
        }
        return written.paper().problems();
    }

    private static void svg(Path file, Paper paper) throws IOException {
        List<String> pages = SvgWriter.write(paper);
        String stem = file.getFileName().toString();
        stem = stem.substring(0, stem.length() - SVG.length());
        for (int i = 0; i < pages.size(); i++) {
            Path page = pages.size() == 1 ? file : file.resolveSibling("%s-%d%s".formatted(stem, i + 1, SVG));
            SafeFile.replace(page, pages.get(i));
        }
    }
}
