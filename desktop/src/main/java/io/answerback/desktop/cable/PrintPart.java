package io.answerback.desktop.cable;

import io.answerback.core.paper.LabelStock;
import io.answerback.core.paper.Paper;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.Printing;
import io.answerback.desktop.work.WindowState;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/// Sets paper, saves it and sends it to a printer; knows the labels it is put on.
public final class PrintPart {
    private final Actions actions;
    private final Background background;
    private final FileQuestions files;
    private final CableShelf shelf;
    private final InstantSource clock;
    private final Printing printer;
    private LabelStock stock;
    private boolean printing;

    /// @param shelf the labels there are to choose from
    public PrintPart(BenchTools tools, Printing printer, CableShelf shelf) {
        this.actions = tools.openJob();
        this.background = tools.background();
        this.files = tools.files();
        this.shelf = shelf;
        this.clock = tools.clock();
        this.printer = printer;
    }

    /// A button for each kind of paper.
    ///
    /// @param open shows it
    static List<Showable> nodes(Consumer<PrintKind> open) {
        Parts buttons = Parts.flow();
        buttons.style("switches");
        for (PrintKind kind : PrintKind.values()) {
            buttons.add(Tool.of(kind.title(), "look at it, then save or print it", () -> open.accept(kind)));
        }
        return List.of(Words.title("Print"), buttons);
    }

    /// What takes the firm's own tables.
    List<Part> fromFile() {
        return List.of(
                Words.title("Your own reels and labels"),
                Words.wrapped(Words.quiet("A table ending in .cables.csv or .labels.csv adds the firm's own; it can be"
                        + " dropped on the window too.")),
                Tool.of("From a file…", "read a table of cable types or of label sheets", this::choose));
    }

    private void choose() {
        files.toRead(
                        "Types of cable, or label sheets",
                        List.of(new FileQuestions.Sort("Tables", List.of("*.cables.csv", "*.labels.csv"))))
                .ifPresent(file -> shelf.take(file, actions::tell, actions::tell));
    }

    LabelStock stock() {
        return stock == null ? shelf.stocks().getFirst() : stock;
    }

    void labelsOn(LabelStock chosen) {
        stock = chosen;
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /// Sets one kind of paper of the job as it is now on the thread for files.
    void set(PrintKind kind, LabelStock labels, Consumer<Paper> then) {
        WindowState now = actions.now();
        background.run(
                () -> CablePrinting.set(kind, now.job(), now.assessment().get(CorePlan.FACT), labels, today()), then);
    }

    void ask(PrintKind kind) {
        List<FileQuestions.Sort> sorts = new ArrayList<>(
                List.of(new FileQuestions.Sort("PDF", "*.pdf"), new FileQuestions.Sort("SVG", "*.svg")));
        if (kind.table()) {
            sorts.add(new FileQuestions.Sort("Comma-separated text", "*.csv"));
        }
        String name = kind.title().toLowerCase(Locale.ROOT).replace(' ', '-') + ".pdf";
        files.toWrite(kind.title(), name, sorts).ifPresent(file -> write(kind, file));
    }

    /// Writes one kind of paper on the thread for files, and tells what became of it.
    public void write(PrintKind kind, Path file) {
        WindowState now = actions.now();
        LabelStock labels = stock();
        background.run(
                () -> CablePrinting.write(
                        kind, file, now.job(), now.assessment().get(CorePlan.FACT), labels, today()),
                problems -> actions.tell("Written: " + file + gaps(problems)));
    }

    private static String gaps(List<String> problems) {
        return switch (problems.size()) {
            case 0 -> "";
            case 1 -> ". " + problems.getFirst();
            default -> ". %s And %d more like it.".formatted(problems.getFirst(), problems.size() - 1);
        };
    }

    boolean printing() {
        return printing;
    }

    void print(Paper paper, Runnable changed) {
        printing = true;
        changed.run();
        printer.print(paper, () -> {
            printing = false;
            changed.run();
        });
    }

    void stopPrinting() {
        printer.stop();
    }
}
