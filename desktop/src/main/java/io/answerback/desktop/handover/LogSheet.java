package io.answerback.desktop.handover;

import io.answerback.core.paper.Table;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.LogLine;
import io.answerback.files.exchange.TableCsv;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Everything that was done, searched and as a table. Nothing in it can be changed here.
final class LogSheet extends PartSheet {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss", Locale.ENGLISH);
    private static final double TIME_WIDTH = 160;
    private static final double BY_WIDTH = 60;

    private final Actions actions;
    private final LogBook log;
    private final Background background;
    private final FileQuestions files;
    private String searched = "";

    LogSheet(Actions actions, LogBook log, Background background, FileQuestions files) {
        this.actions = actions;
        this.log = log;
        this.background = background;
        this.files = files;
    }

    @Override
    public String title() {
        return "Everything that was done";
    }

    @Override
    public String about(WindowState state) {
        int entries = log.entries().size();
        return entries == 1 ? "1 entry" : entries + " entries";
    }

    private List<LogLine> found() {
        String words = searched.toLowerCase(Locale.ROOT);
        return log.entries().stream()
                .filter(entry -> words.isEmpty()
                        || entry.what().toLowerCase(Locale.ROOT).contains(words)
                        || entry.by().toLowerCase(Locale.ROOT).contains(words)
                        || time(entry).contains(words))
                .toList();
    }

    private static String time(LogLine entry) {
        return TIME.format(entry.at().atZone(ZoneId.systemDefault()));
    }

    @Override
    public List<Part> middle(WindowState state) {
        log.readOnce(this::showAgain);
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(
                        Words.quiet("Search"),
                        Value.of("Words in the log", searched.isEmpty() ? "everything" : searched, typed -> {
                            searched = typed.strip();
                            showAgain();
                            return true;
                        }),
                        Tool.of("Everything", "the search is taken back", () -> {
                            searched = "";
                            showAgain();
                        }),
                        Tool.of("As a table", "what is listed as CSV", this::table),
                        Tool.of("Read it again", "from its file", () -> log.read(this::showAgain)))
                .style("switches")
                .group());
        log.broken().ifPresent(broken -> parts.add(Words.wrapped(Words.of("printed-problem", broken))));
        List<LogLine> found = found();
        List<With> rows = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            rows.add(row(found.get(i)).keyed(found.size() - i));
        }
        if (rows.isEmpty()) {
            rows.add(Words.quiet(searched.isEmpty() ? "Nothing was done yet." : "No entry has these words.")
                    .keyed("none"));
        }
        parts.add(new Rows("Log", rows, -1).growing().asPart());
        return parts;
    }

    private static Part row(LogLine entry) {
        return Group.row(
                        Words.of("code", time(entry)).wide(TIME_WIDTH),
                        Words.of("told-name", entry.by()).wide(BY_WIDTH),
                        Words.wrapped(Words.of("prove-words", entry.what())).growing())
                .style("plan-row", "kept-row");
    }

    private void table() {
        List<LogLine> found = found();
        String site = actions.now().job().site().name();
        Table table = new Table(
                site + ": log",
                List.of("At", "By", "What"),
                List.of(1.2, 0.5, 4.0),
                found.stream()
                        .map(entry -> List.of(entry.at().toString(), entry.by(), entry.what()))
                        .toList(),
                List.of());
        files.toWrite("Log", site + " log.csv", List.of(new FileQuestions.Sort("CSV", "*.csv")))
                .ifPresent(path -> background.run(
                        () -> {
                            TableCsv.write(path, table);
                            return path;
                        },
                        written -> actions.tell("Written: " + written)));
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("How it is kept"),
                Words.wrapped(
                        Words.quiet(
                                "In a file beside the job, a line for each thing that was done. Lines are only added; each holds the fingerprint of the one before, so that a line changed by hand is noticed. A line is added when the job is saved: the log never says more than the job. What is not saved yet is listed here too, and kept with the unsaved edits.")));
    }
}
