package io.answerback.desktop.cable;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.TitleBlock;
import io.answerback.core.paper.LabelStock;
import io.answerback.core.paper.Paper;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// What is printed of the cables, page by page, before it is saved or printed; it follows every change of the
/// job.
final class PaperSheet extends PartSheet {
    private static final double SMALL_PAGE_MILLIMETRES = 100;
    private static final int SMALL_PAGES = 24;
    private static final String NOT_GIVEN = "not given";

    /// What paper was asked for.
    private record Wanted(Job job, PrintKind kind, LabelStock stock) {
        boolean same(Wanted other) {
            return other != null && job == other.job && kind == other.kind && stock.equals(other.stock);
        }
    }

    private final Actions actions;
    private final CableShelf shelf;
    private final PrintPart print;
    private PrintKind kind = PrintKind.LABELS;
    private Pages.Zoom zoom = Pages.Zoom.WIDTH;
    private int first;
    private Wanted wanted;
    private Optional<Paper> paper = Optional.empty();

    PaperSheet(Actions actions, CableShelf shelf, PrintPart print) {
        this.actions = actions;
        this.shelf = shelf;
        this.print = print;
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
    public List<Part> middle(WindowState state) {
        Wanted now = new Wanted(state.job(), kind, print.stock());
        if (!now.same(wanted)) {
            wanted = now;
            print.set(now.kind(), now.stock(), set -> {
                if (now == wanted) {
                    paper = Optional.of(set);
                    showAgain();
                }
            });
        }
        first = paper.map(its -> Math.min(first, Math.max(0, its.pages().size() - 1)))
                .orElse(0);
        List<Part> parts = new ArrayList<>(List.of(choices(), tools()));
        paper.ifPresent(its -> parts.add(new Pages(its, first, atOnce(its), zoom).growing()));
        return parts;
    }

    @Override
    public List<Part> beside(WindowState state) {
        List<Part> gaps = new ArrayList<>();
        gaps.add(Words.title("Gaps on it"));
        List<String> problems = paper.map(Paper::problems).orElse(List.of());
        if (problems.isEmpty()) {
            gaps.add(Words.wrapped(Words.quiet("None: everything is on it.")));
        }
        problems.forEach(problem -> gaps.add(Words.wrapped(Words.of("finding-says", problem))));
        gaps.addAll(print.fromFile());
        return List.of(Group.column(gaps).style("gaps"));
    }

    private Group choices() {
        Parts row =
                Parts.flow(Switch.bare("Paper", Arrays.asList(PrintKind.values()), kind, PrintKind::title, chosen -> {
                    choose(chosen);
                    showAgain();
                }));
        if (kind == PrintKind.LABELS) {
            row.add(
                    Words.quiet("labels on"),
                    Choice.of("Label sheet", shelf.stocks(), print.stock(), LabelStock::name, chosen -> {
                        print.labelsOn(chosen);
                        showAgain();
                    }));
        }
        if (kind == PrintKind.BOXES) {
            TitleBlock block = actions.now().job().site().drawings();
            row.add(
                    Words.quiet("firm"),
                    field("Firm on the drawings", block.firm(), typed -> new TitleBlock(typed, block.revision())),
                    Words.quiet("revision"),
                    field("Revision of the drawings", block.revision(), typed -> new TitleBlock(block.firm(), typed)));
        }
        row.style("switches");
        return row.group();
    }

    private Value field(String name, String value, Function<String, TitleBlock> change) {
        return Value.of(
                name,
                value.isEmpty() ? NOT_GIVEN : value,
                typed -> typed.equals(NOT_GIVEN)
                        || actions.apply(Typed.of(() -> change.apply(typed)).then(PracticeEdits::drawings)));
    }

    private Group tools() {
        Parts row = Parts.flow(Tool.primary("Save as…", () -> print.ask(kind)), printButton());
        int count = paper.map(its -> its.pages().size()).orElse(0);
        int shown = paper.map(this::atOnce).orElse(1);
        if (count > shown) {
            row.add(
                    Tool.arrow("◀", "Back", "the pages before", () -> turn(-shown))
                            .enabled(first > 0),
                    Tool.arrow("▶", "On", "the pages after", () -> turn(shown)).enabled(first + shown < count));
        }
        row.add(Words.figure(where(count, shown)));
        row.add(Switch.bare("Size", List.of(Pages.Zoom.values()), zoom, Pages.Zoom::words, chosen -> {
            zoom = chosen;
            showAgain();
        }));
        row.style("switches");
        return row.group();
    }

    private Tool printButton() {
        return print.printing()
                ? Tool.of("Stop printing", "ends with the page that is being printed", print::stopPrinting)
                : Tool.of(
                                "Print…",
                                "send it to a printer in its true size",
                                () -> paper.ifPresent(its -> print.print(its, this::showAgain)))
                        .enabled(paper.isPresent());
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
        showAgain();
    }

    private int atOnce(Paper its) {
        return its.heightMillimetres() < SMALL_PAGE_MILLIMETRES ? SMALL_PAGES : 1;
    }
}
