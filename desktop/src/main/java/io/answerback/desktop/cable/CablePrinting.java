package io.answerback.desktop.cable;

import io.answerback.core.model.site.Job;
import io.answerback.core.paper.BoxPaper;
import io.answerback.core.paper.CableLabelSheet;
import io.answerback.core.paper.CableSchedule;
import io.answerback.core.paper.CoreSchedule;
import io.answerback.core.paper.LabelStock;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.Table;
import io.answerback.core.paper.TableSetter;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.desktop.work.PaperFile;
import io.answerback.files.exchange.TableCsv;
import io.answerback.print.PdfWriter;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/// Writes what is printed of a job's cables, in the format the file's name ends in.
public final class CablePrinting {
    private static final String CSV = ".csv";

    private CablePrinting() {}

    /// Writes one kind of paper.
    ///
    /// @param file ends in .pdf, .svg (more pages are numbered) or, for schedules, .csv
    /// @param stock the labels, for labels
    /// @param date the day it is made, for drawings
    /// @return what could not be put on it as it should be
    /// @throws IOException when the disk refuses; files are then as they were
    /// @throws IllegalArgumentException when the kind is not written in that format
    public static List<String> write(
            PrintKind kind, Path file, Job job, CorePlan plan, LabelStock stock, LocalDate date) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(CSV)) {
            if (!kind.table()) {
                throw new IllegalArgumentException(
                        "%s are no table; save them as .pdf or .svg".formatted(kind.title()));
            }
            TableCsv.write(file, table(kind, job, plan));
            return List.of();
        }
        return PaperFile.write(file, setting(kind, job, plan, stock, date));
    }

    private static Table table(PrintKind kind, Job job, CorePlan plan) {
        return kind == PrintKind.CABLES ? CableSchedule.of(job, plan) : CoreSchedule.of(job, plan);
    }

    /// Sets one kind of paper without writing it, in the faces it would be written in.
    ///
    /// @param stock the labels, for labels
    /// @param date the day it is made, for drawings
    public static Paper set(PrintKind kind, Job job, CorePlan plan, LabelStock stock, LocalDate date) {
        return PdfWriter.set(setting(kind, job, plan, stock, date));
    }

    private static Function<Measure, Paper> setting(
            PrintKind kind, Job job, CorePlan plan, LabelStock stock, LocalDate date) {
        return measure -> switch (kind) {
            case CABLES, CORES -> TableSetter.set(table(kind, job, plan), measure);
            case BOXES -> BoxPaper.of(job, plan, date, measure);
            case LABELS -> CableLabelSheet.of(job, plan, stock, measure);
        };
    }
}
