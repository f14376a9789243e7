package io.answerback.desktop.cable;

import io.answerback.core.paper.LabelStock;
import io.answerback.core.paper.Paper;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.io.File;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Sets paper, saves it and sends it to a printer; knows the labels it is put on.
public final class PrintPart {
    private final OpenJob openJob;
    private final Background background;
    private final Window owner;
    private final CableShelf shelf;
    private final InstantSource clock;
    private final PagePrinter printer;
    private LabelStock stock;
    private boolean printing;

    /// @param shelf the labels there are to choose from
    /// @param clock what day the drawings are dated
    public PrintPart(OpenJob openJob, Background background, Window owner, CableShelf shelf, InstantSource clock) {
        this.openJob = openJob;
        this.background = background;
        this.owner = owner;
        this.shelf = shelf;
        this.clock = clock;
        this.printer = new PagePrinter(owner, openJob::tell);
    }

    /// A button for each kind of paper.
    ///
    /// @param open shows it
    static List<Node> nodes(Consumer<PrintKind> open) {
        Flow buttons = new Flow();
        buttons.getStyleClass().add("switches");
        for (PrintKind kind : PrintKind.values()) {
            buttons.getChildren()
                    .add(Tool.of(kind.title(), "look at it, then save or print it", () -> open.accept(kind)));
        }
        return List.of(Words.title("Print"), buttons);
    }

    /// What takes the firm's own tables.
    List<Node> fromFile() {
        return List.of(
                Words.title("Your own reels and labels"),
                Words.wrapped(Words.quiet("A table ending in .cables.csv or .labels.csv adds the firm's own; it can be"
                        + " dropped on the window too.")),
                Tool.of("From a file…", "read a table of cable types or of label sheets", this::choose));
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Types of cable, or label sheets");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Tables", "*.cables.csv", "*.labels.csv"));
        File chosen = chooser.showOpenDialog(owner);
        if (chosen != null) {
            shelf.take(chosen.toPath(), openJob::tell, openJob::tell);
        }
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
        WindowState now = openJob.now();
        background.run(() -> CablePrinting.set(kind, now.job(), now.assessment().cores(), labels, today()), then);
    }

    void ask(PrintKind kind) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(kind.title());
        chooser.setInitialFileName(kind.title().toLowerCase(Locale.ROOT).replace(' ', '-') + ".pdf");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("PDF", "*.pdf"));
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("SVG", "*.svg"));
        if (kind.table()) {
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Comma-separated text", "*.csv"));
        }
        File chosen = chooser.showSaveDialog(owner);
        if (chosen != null) {
            write(kind, chosen.toPath());
        }
    }

    /// Writes one kind of paper on the thread for files, and tells what became of it.
    public void write(PrintKind kind, Path file) {
        WindowState now = openJob.now();
        LabelStock labels = stock();
        background.run(
                () -> CablePrinting.write(
                        kind, file, now.job(), now.assessment().cores(), labels, today()),
                problems -> openJob.tell("Written: " + file + gaps(problems)));
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
