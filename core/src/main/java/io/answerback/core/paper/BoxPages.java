package io.answerback.core.paper;

import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.TitleBlock;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CoreEnd;
import io.answerback.core.wiring.cores.CorePlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The pages of one box: its strip with the cores in their colours, then lists in three columns that go on over
/// the next page where they must.
final class BoxPages {
    static final double WIDTH = 297;
    static final double HEIGHT = 210;
    static final double MARGIN = 14;
    static final double STRIP = 34;

    private static final double SIZE = 3;
    private static final double SMALLEST = 2;
    private static final double LINE = 4;
    private static final double MOST_STEP = 16;
    private static final double TERMINAL = 9;
    private static final double CHIP = 2;
    private static final double GAP = 4;
    private static final int COLUMNS = 3;
    private static final double COLUMN = (WIDTH - 2 * MARGIN + GAP) / COLUMNS;
    private static final double LAST = HEIGHT - MARGIN;

    private record Line(String words, boolean strong) {}

    private final BoxLists lists;
    private final BoxPlan box;
    private final String stamp;
    private final Measure measure;
    private final List<List<PaperElement>> pages = new ArrayList<>();

    BoxPages(Parts job, CorePlan plan, BoxPlan box, LocalDate date, Measure measure) {
        this.lists = new BoxLists(job, plan, box);
        this.box = box;
        this.stamp = stamp(job, date);
        this.measure = measure;
    }

    List<List<PaperElement>> pages() {
        begin(box.title());
        double step = Math.min(
                MOST_STEP, (WIDTH - 2 * MARGIN) / Math.max(1, box.strip().size()));
        double lowest = box.strip().isEmpty() ? STRIP - 3 * LINE : STRIP + TERMINAL;
        for (int i = 0; i < box.strip().size(); i++) {
            lowest = Math.max(lowest, terminal(i, MARGIN + i * step, step));
        }
        List<Line> lines = new ArrayList<>();
        lists.all().forEach(list -> list(lines, list.title(), list.items()));
        columns(lines, lowest + 3 * LINE);
        return pages;
    }

    /// Site, firm, date and revision, in one line under the title.
    private static String stamp(Parts job, LocalDate date) {
        TitleBlock block = job.site().drawings();
        return Stream.of(
                        job.site().name(),
                        block.firm(),
                        date.toString(),
                        block.revision().isEmpty() ? "" : "revision " + block.revision())
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    private void begin(String title) {
        List<PaperElement> page = new ArrayList<>();
        page.add(Fitted.title(title, MARGIN, WIDTH, measure));
        Fitted line = Fitted.of(stamp, WIDTH - 2 * MARGIN, SIZE, SMALLEST, false, measure);
        page.add(new PaperElement.Text(MARGIN, MARGIN + 10, line.size(), false, line.words()));
        pages.add(page);
    }

    /// One terminal and its cores; returns how far down they reach.
    private double terminal(int i, double x, double step) {
        List<PaperElement> page = pages.getLast();
        Terminal terminal = box.strip().get(i);
        page.add(new PaperElement.Box(x, STRIP, step, TERMINAL, ""));
        double size = size(terminal.name(), step - 1);
        double middle = x + (step - measure.width(terminal.name(), size, true)) / 2;
        page.add(new PaperElement.Text(middle, STRIP + 6, size, true, terminal.name()));
        double y = STRIP + TERMINAL + 1;
        if (lists.throughBlock(i)) {
            page.add(new PaperElement.Box(x + 1, y, step - 2, LINE, "dddddd"));
            page.add(new PaperElement.Text(x + 1.6, y + 3, size("block", step - 3.2), false, "block"));
            y += LINE + 1;
        }
        for (CoreEnd end : box.under(i)) {
            chip(end.colour(), x + 0.8, y + 0.8, 2 * LINE - 2);
            for (String words : List.of(end.cableId().text(), end.colour())) {
                y += LINE;
                page.add(new PaperElement.Text(x + CHIP + 1.8, y - 0.6, size(words, step - CHIP - 2.2), false, words));
            }
        }
        return y;
    }

    private void chip(String colour, double x, double y, double high) {
        CoreInk.of(colour).ifPresent(ink -> pages.getLast().add(new PaperElement.Box(x, y, CHIP, high, ink)));
        pages.getLast().add(new PaperElement.Box(x, y, CHIP, high, ""));
    }

    private double size(String words, double room) {
        double width = measure.width(words, SIZE, true);
        return width <= room ? SIZE : SIZE * room / width;
    }

    private void list(List<Line> lines, String title, List<String> items) {
        if (items.isEmpty()) {
            return;
        }
        if (!lines.isEmpty()) {
            lines.add(new Line("", false));
        }
        lines.add(new Line(title, true));
        for (String item : items) {
            Lines.of(item, COLUMN - GAP, SIZE, false, measure).forEach(words -> lines.add(new Line(words, false)));
        }
    }

    private void columns(List<Line> lines, double from) {
        double top = from;
        int column = 0;
        double y = top;
        for (Line line : lines) {
            // a title is not left alone at the foot of a column
            boolean full = y + (line.strong() ? LINE : 0) > LAST;
            if (full && ++column == COLUMNS) {
                begin(box.title() + ", continued");
                column = 0;
                top = STRIP;
            }
            y = full ? top : y;
            double x = MARGIN + column * COLUMN;
            if (!line.words().isEmpty()) {
                pages.getLast().add(new PaperElement.Text(x, y, SIZE, line.strong(), line.words()));
            }
            y += LINE * 1.15;
        }
    }
}
