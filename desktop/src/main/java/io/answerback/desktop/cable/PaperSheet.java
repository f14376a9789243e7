package io.answerback.desktop.cable;

import io.answerback.core.common.Typed;
import io.answerback.core.edit.PracticeEdits;
import io.answerback.core.paper.LabelStock;
import io.answerback.core.paper.Paper;
import io.answerback.core.site.Job;
import io.answerback.core.site.TitleBlock;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// What is printed of the cables, page by page, before it is saved or printed; it follows every change of the
/// job.
final class PaperSheet extends Sheet {
    private static final double SMALL_PAGE_MILLIMETRES = 100;
    private static final int SMALL_PAGES = 24;
    private static final double READABLE_SCALE = 4;
    private static final double MARGIN = 44;
    private static final double LEAST_HEIGHT = 280;
    private static final String NOT_GIVEN = "not given";

    private enum Zoom {
        PAGE("whole page"),
        WIDTH("page width"),
        READ("to read");

        private final String words;

        Zoom(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /// What paper was asked for.
    private record Wanted(Job job, PrintKind kind, LabelStock stock) {
        boolean same(Wanted other) {
            return other != null && job == other.job && kind == other.kind && stock.equals(other.stock);
        }
    }

    private final OpenJob openJob;
    private final Look look;
    private final CableShelf shelf;
    private final PrintPart print;
    private final FlowPane pages = new FlowPane();
    private final ScrollPane scroll = new ScrollPane(pages);
    private final VBox gaps = new VBox();
    private PrintKind kind = PrintKind.LABELS;
    private Zoom zoom = Zoom.WIDTH;
    private int first;
    private Wanted wanted;
    private Optional<Paper> paper = Optional.empty();

    PaperSheet(OpenJob openJob, Look look, CableShelf shelf, PrintPart print) {
        this.openJob = openJob;
        this.look = look;
        this.shelf = shelf;
        this.print = print;
        pages.getStyleClass().add("paper-pages");
        scroll.getStyleClass().add("paper-scroll");
        scroll.setFitToWidth(true);
        scroll.setAccessibleText("Pages of paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        scroll.widthProperty().subscribe(this::draw);
        scroll.heightProperty().subscribe(this::draw);
        WhileShown.listen(
                scroll,
                () -> look.textPercent().subscribe(percent -> {
                    scroll.setMinHeight(look.px(LEAST_HEIGHT));
                    draw();
                }));
        gaps.getStyleClass().add("gaps");
        instrument.getChildren().setAll(gaps);
    }

    void choose(PrintKind chosen) {
        kind = chosen;
        first = 0;
    }

    @Override
    public String title() {
        return "What goes on paper";
    }

    @Override
    public String about(WindowState state) {
        return "page by page, as it is now";
    }

    @Override
    public void show(WindowState state) {
        Wanted now = new Wanted(state.job(), kind, print.stock());
        if (!now.same(wanted)) {
            wanted = now;
            print.set(now.kind(), now.stock(), set -> {
                if (now == wanted) {
                    paper = Optional.of(set);
                    lay();
                }
            });
        }
        lay();
    }

    private void lay() {
        first = paper.map(its -> Math.min(first, Math.max(0, its.pages().size() - 1)))
                .orElse(0);
        sheet.getChildren().setAll(choices(), tools(), scroll);
        gaps.getChildren().setAll(Words.title("Gaps on it"));
        List<String> problems = paper.map(Paper::problems).orElse(List.of());
        if (problems.isEmpty()) {
            gaps.getChildren().add(Words.wrapped(Words.quiet("None: everything is on it.")));
        }
        problems.forEach(problem -> gaps.getChildren().add(Words.wrapped(Words.of("finding-says", problem))));
        gaps.getChildren().addAll(print.fromFile());
        draw();
    }

    private Flow choices() {
        Flow row = new Flow(Switch.bare("Paper", Arrays.asList(PrintKind.values()), kind, PrintKind::title, chosen -> {
            choose(chosen);
            show(openJob.now());
        }));
        if (kind == PrintKind.LABELS) {
            row.getChildren()
                    .addAll(
                            Words.quiet("labels on"),
                            Choice.of("Label sheet", shelf.stocks(), print.stock(), LabelStock::name, chosen -> {
                                print.labelsOn(chosen);
                                show(openJob.now());
                            }));
        }
        if (kind == PrintKind.BOXES) {
            TitleBlock block = openJob.now().job().site().drawings();
            row.getChildren()
                    .addAll(
                            Words.quiet("firm"),
                            field(
                                    "Firm on the drawings",
                                    block.firm(),
                                    typed -> new TitleBlock(typed, block.revision())),
                            Words.quiet("revision"),
                            field(
                                    "Revision of the drawings",
                                    block.revision(),
                                    typed -> new TitleBlock(block.firm(), typed)));
        }
        row.getStyleClass().add("switches");
        return row;
    }

    private ValueField field(String name, String value, Function<String, TitleBlock> change) {
        return new ValueField(
                name,
                value.isEmpty() ? NOT_GIVEN : value,
                typed -> typed.equals(NOT_GIVEN)
                        || openJob.apply(Typed.of(() -> change.apply(typed)).then(PracticeEdits::drawings)));
    }

    private Flow tools() {
        Flow row = new Flow(Tool.primary("Save as…", () -> print.ask(kind)), printButton());
        int count = paper.map(its -> its.pages().size()).orElse(0);
        int shown = paper.map(this::atOnce).orElse(1);
        if (count > shown) {
            Button back = Tool.arrow("◀", "Back", "the pages before", () -> turn(-shown));
            back.setDisable(first == 0);
            Button on = Tool.arrow("▶", "On", "the pages after", () -> turn(shown));
            on.setDisable(first + shown >= count);
            row.getChildren().addAll(back, on);
        }
        row.getChildren().add(Words.figure(where(count, shown)));
        row.getChildren().add(Switch.bare("Size", List.of(Zoom.values()), zoom, Zoom::words, chosen -> {
            zoom = chosen;
            lay();
        }));
        row.getStyleClass().add("switches");
        return row;
    }

    private Button printButton() {
        if (print.printing()) {
            return Tool.of("Stop printing", "ends with the page that is being printed", print::stopPrinting);
        }
        Button button = Tool.of(
                "Print…",
                "send it to a printer in its true size",
                () -> paper.ifPresent(its -> print.print(its, this::lay)));
        button.setDisable(paper.isEmpty());
        return button;
    }

    private String where(int count, int shown) {
        if (count == 0) {
            return "setting the pages";
        }
        int last = Math.min(count, first + shown);
        return last == first + 1
                ? "page %d of %d".formatted(last, count)
                : "pages %d to %d of %d".formatted(first + 1, last, count);
    }

    private void turn(int by) {
        first = Math.max(0, first + by);
        lay();
    }

    private int atOnce(Paper its) {
        return its.heightMillimetres() < SMALL_PAGE_MILLIMETRES ? SMALL_PAGES : 1;
    }

    private void draw() {
        pages.getChildren().clear();
        paper.filter(its -> scroll.getHeight() > look.px(MARGIN)).ifPresent(its -> {
            double scale = scale(its);
            scroll.setFitToWidth(zoom != Zoom.READ);
            int last = Math.min(its.pages().size(), first + atOnce(its));
            for (int i = first; i < last; i++) {
                pages.getChildren().add(new PaperPage(its, i, scale).withGuides(its));
            }
        });
    }

    /// How many pixels a millimetre is drawn.
    private double scale(Paper its) {
        double readable = look.px(READABLE_SCALE);
        double across = Math.min(readable, (scroll.getWidth() - look.px(MARGIN)) / its.widthMillimetres());
        double down = (scroll.getHeight() - look.px(MARGIN)) / its.heightMillimetres();
        return switch (zoom) {
            case PAGE -> Math.min(across, down);
            case WIDTH -> across;
            case READ -> readable;
        };
    }
}
