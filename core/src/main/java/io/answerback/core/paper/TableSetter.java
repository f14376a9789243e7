package io.answerback.core.paper;

import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/// Sets tables on pages that lie, one after the other: each begins on the page where the one before ended if its
/// first rows have room there. Title and headings stand on every page, and no page holds the last row or two alone.
public final class TableSetter {
    private static final double MARGIN = 14;
    private static final double SIZE = 3.2;
    private static final double LINE = 4.4;
    private static final double GAP = 3;
    private static final double FOOT = 6;
    private static final double HEAD = 16;
    private static final double ROW_GAP = 1.2;
    private static final double BETWEEN_TABLES = 9;
    /// So many rows of a table stand together at least, at its beginning and at its end.
    private static final int TOGETHER = 3;

    private final PageSize size;
    private final double letters;
    private final double lineHeight;
    private final Measure measure;
    private final List<List<PaperElement>> pages = new ArrayList<>();
    private List<PaperElement> page = List.of();
    private Table table;
    private double y;

    private TableSetter(PageSize size, double scale, Measure measure) {
        this.letters = SIZE * scale;
        this.lineHeight = LINE * scale;
        this.size = size;
        this.measure = measure;
    }

    /// Where something stands among pages.
    ///
    /// @param first its first page, counted from 0
    /// @param last its last page
    public record Span(int first, int last) {}

    /// Pages that are not numbered yet, and where each group of tables stands on them.
    ///
    /// @param pages what is on each page; more may be added
    /// @param spans one for each group
    public record Flow(List<List<PaperElement>> pages, List<Span> spans) {}

    /// The table as pages. A row that is higher than a page goes on over the next.
    public static Paper set(Table table, Measure measure) {
        List<List<PaperElement>> pages = pages(List.of(table), measure);
        number(pages, measure);
        return new Paper(
                table.title(),
                PageSize.A4.widthMillimetres(),
                PageSize.A4.heightMillimetres(),
                pages,
                table.gaps(),
                List.of());
    }

    /// Several tables as pages of A4, one after the other, that are not numbered yet.
    static List<List<PaperElement>> pages(List<Table> tables, Measure measure) {
        return pages(tables, PageSize.A4, measure);
    }

    /// Several tables as pages of a size, one after the other, that are not numbered yet.
    public static List<List<PaperElement>> pages(List<Table> tables, PageSize size, Measure measure) {
        return flow(List.of(tables), size, measure).pages();
    }

    /// Groups of tables as pages of a size, one after the other, that are not numbered yet.
    public static Flow flow(List<List<Table>> groups, PageSize size, Measure measure) {
        TableSetter setter = new TableSetter(size, 1, measure);
        List<Span> spans = new ArrayList<>();
        for (List<Table> group : groups) {
            int first = Integer.MAX_VALUE;
            for (Table each : group) {
                first = Math.min(first, setter.table(each));
            }
            int last = Math.max(0, setter.pages.size() - 1);
            spans.add(new Span(Math.min(first, last), last));
        }
        return new Flow(setter.pages, spans);
    }

    /// A table in letters of another size, to be read by people who are not in the trade.
    ///
    /// @param scale how many times as large as usual
    public static List<List<PaperElement>> large(Table table, PageSize size, double scale, Measure measure) {
        TableSetter setter = new TableSetter(size, scale, measure);
        setter.table(table);
        return setter.pages;
    }

    /// Writes at the foot of each page which it is of all.
    static void number(List<List<PaperElement>> pages, Measure measure) {
        number(pages, PageSize.A4, measure);
    }

    /// Writes at the foot of each page of a size which it is of all.
    public static void number(List<List<PaperElement>> pages, PageSize size, Measure measure) {
        for (int i = 0; i < pages.size(); i++) {
            String foot = Text.of("page %d of %d", i + 1, pages.size());
            double x = size.widthMillimetres() - MARGIN - measure.width(foot, SIZE, false);
            pages.get(i).add(new PaperElement.Text(x, size.heightMillimetres() - MARGIN, SIZE, false, foot));
        }
    }

    /// A row with its cells broken into lines.
    private record Row(List<List<String>> cells) {
        int lines() {
            return cells.stream().mapToInt(List::size).max().orElse(1);
        }
    }

    /// Sets a table below what there is.
    ///
    /// @return the page it begins on, counted from 0
    private int table(Table next) {
        table = next;
        List<Row> rows = next.rows().stream().map(this::row).toList();
        double start = rows.stream().limit(TOGETHER).mapToDouble(this::high).sum();
        boolean fits = !pages.isEmpty() && y + BETWEEN_TABLES + HEAD + Math.max(start, lineHeight) <= last();
        head(fits ? y + BETWEEN_TABLES : MARGIN, !fits);
        int first = pages.size() - 1;
        Set<Integer> breaks = breaks(rows);
        for (int i = 0; i < rows.size(); i++) {
            if (breaks.contains(i)) {
                head(MARGIN, true);
            }
            put(rows.get(i));
        }
        if (rows.isEmpty()) {
            y += lineHeight;
            page.add(new PaperElement.Text(MARGIN, y, letters, false, "Nothing to list yet."));
        }
        return first;
    }

    /// The rows that begin a page, as places in the list. The last page gets some of the rows before it where it
    /// would hold one or two alone.
    private Set<Integer> breaks(List<Row> rows) {
        List<Integer> breaks = new ArrayList<>();
        double at = y;
        for (int i = 0; i < rows.size(); i++) {
            if (at + high(rows.get(i)) > last() && at > MARGIN + HEAD) {
                breaks.add(i);
                at = MARGIN + HEAD;
            }
            at += high(rows.get(i));
        }
        if (!breaks.isEmpty()) {
            int before = breaks.size() > 1 ? breaks.get(breaks.size() - 2) : 0;
            int wanted = rows.size() - TOGETHER;
            if (breaks.getLast() > wanted && wanted - before >= TOGETHER) {
                breaks.set(breaks.size() - 1, wanted);
            }
        }
        return Set.copyOf(breaks);
    }

    /// Begins a table, or goes on with it on another page.
    private void head(double top, boolean anotherPage) {
        if (anotherPage) {
            page = new ArrayList<>();
            pages.add(page);
        }
        page.add(Fitted.title(table.title(), MARGIN, top, size.widthMillimetres(), measure));
        y = top + HEAD;
        double x = MARGIN;
        for (int i = 0; i < table.headings().size(); i++) {
            page.add(new PaperElement.Text(
                    x, y - 2, letters, true, table.headings().get(i)));
            x += width(i);
        }
        page.add(new PaperElement.Rule(MARGIN, y, size.widthMillimetres() - MARGIN, y, 0.4));
    }

    private double last() {
        return size.heightMillimetres() - MARGIN - FOOT;
    }

    private double width(int column) {
        double all = table.shares().stream().mapToDouble(Double::doubleValue).sum();
        return (size.widthMillimetres() - 2 * MARGIN) * table.shares().get(column) / all;
    }

    private double high(Row row) {
        return row.lines() * lineHeight + ROW_GAP;
    }

    private Row row(List<String> cells) {
        List<List<String>> lines = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            lines.add(Lines.of(cells.get(i), width(i) - GAP, letters, false, measure));
        }
        return new Row(lines);
    }

    /// A row that is higher than a page goes on over the next.
    private void put(Row row) {
        for (int line = 0; line < row.lines(); line++) {
            if (y + lineHeight > last()) {
                head(MARGIN, true);
            }
            y += lineHeight;
            line(row.cells(), line);
        }
        y += ROW_GAP;
        page.add(new PaperElement.Rule(MARGIN, y, size.widthMillimetres() - MARGIN, y, 0.1));
    }

    private void line(List<List<String>> lines, int line) {
        double x = MARGIN;
        for (int i = 0; i < lines.size(); i++) {
            if (line < lines.get(i).size()) {
                page.add(
                        new PaperElement.Text(x, y, letters, false, lines.get(i).get(line)));
            }
            x += width(i);
        }
    }
}
