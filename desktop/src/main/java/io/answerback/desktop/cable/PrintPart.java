package io.answerback.desktop.cable;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.desk.Disk;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.Words;
import io.answerback.paper.LabelStock;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// The buttons that write paper, and the labels it is put on.
public final class PrintPart {
    private final Desk desk;
    private final Disk disk;
    private final Window owner;
    private final List<LabelStock> stocks;
    private LabelStock stock;

    /// @param stocks the labels there are to choose from
    public PrintPart(Desk desk, Disk disk, Window owner, List<LabelStock> stocks) {
        this.desk = desk;
        this.disk = disk;
        this.owner = owner;
        this.stocks = List.copyOf(stocks);
        this.stock = stocks.getFirst();
    }

    List<Node> nodes() {
        Flow buttons = new Flow();
        buttons.getStyleClass().add("switches");
        for (PrintKind kind : PrintKind.values()) {
            buttons.getChildren().add(Tool.of(kind.title(), "write it as a file to print", () -> ask(kind)));
        }
        Flow labels = new Flow(
                Words.quiet("labels on"),
                Choice.of("Label sheet", stocks, stock, LabelStock::name, chosen -> stock = chosen));
        labels.getStyleClass().add("switches");
        return List.of(Words.title("Print"), buttons, labels);
    }

    private void ask(PrintKind kind) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(kind.title());
        chooser.setInitialFileName(
                kind.title().toLowerCase(java.util.Locale.ROOT).replace(' ', '-') + ".pdf");
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

    /// Writes one kind of paper on the disk thread, and tells what became of it.
    public void write(PrintKind kind, Path file) {
        DeskState now = desk.now();
        LabelStock labels = stock;
        disk.run(
                () -> CablePrinting.write(
                        kind, file, now.job(), now.assessment().facts().cores(), labels),
                problems -> desk.tell(
                        problems.isEmpty()
                                ? "Written: " + file
                                : "Written: %s. %s%s"
                                        .formatted(
                                                file,
                                                problems.getFirst(),
                                                problems.size() > 1
                                                        ? " And %d more like it.".formatted(problems.size() - 1)
                                                        : "")));
    }
}
