package io.answerback.core.paper;

import io.answerback.core.common.Text;
import java.util.ArrayList;
import java.util.List;

/// Sets a table on pages that lie, its headings on every page.
public final class TableSetter {
    private static final double MARGIN = 14;
    private static final double SIZE = 3.2;
    private static final double LINE = 4.4;
    private static final double GAP = 3;
    private static final double FOOT = 6;
    private static final double FIRST_ROW = MARGIN + 16;

    private final Table table;
    private final PageSize size;
    private final double letters;
    private final double lineHeight;
    private final Measure measure;
    private final List<List<PaperElement>> pages = new ArrayList<>();
    private List<PaperElement> page;
    private double y;

    private TableSetter(Table table, PageSize size, double scale, Measure measure) {
        this.letters = SIZE * scale;
        this.lineHeight = LINE * scale;
        this.size = size;
        this.table = table;
        this.measure = measure;
    }

    /// The table as pages. A row that is higher than a page goes on over the next.
    public static Paper set(Table table, Measure measure) {
        return new TableSetter(table, PageSize.A4, 1, measure).paper();
    }

    /// Several tables as pages, one after the other, that are not numbered yet.
    static List<List<PaperElement>> pages(List<Table> tables, Measure measure) {
        return pages(tables, PageSize.A4, measure);
    }

    /// Several tables as pages of a size, one after the other, that are not numbered yet.
    public static List<List<PaperElement>> pages(List<Table> tables, PageSize size, Measure measure) {
        return tables.stream()
                .flatMap(table -> new TableSetter(table, size, 1, measure).pages().stream())
                .toList();
    }

    /// Writes at the foot of each page which it is of all.
    static void number(List<List<PaperElement>> pages, Measure measure) {
        number(pages, PageSize.A4, measure);
    }

    /// A table in letters of another size, to be read by people who are not in the trade.
    ///
    /// @param scale how many times as large as usual
    public static List<List<PaperElement>> large(Table table, PageSize size, double scale, Measure measure) {
        return new TableSetter(table, size, scale, measure).pages();
    }

    /// Writes at the foot of each page of a size which it is of all.
    public static void number(List<List<PaperElement>> pages, PageSize size, Measure measure) {
        for (int i = 0; i < pages.size(); i++) {
            String foot = Text.of("page %d of %d", i + 1, pages.size());
            double x = size.widthMillimetres() - MARGIN - measure.width(foot, SIZE, false);
            pages.get(i).add(new PaperElement.Text(x, size.heightMillimetres() - MARGIN, SIZE, false, foot));
        }
    }

    private Paper paper() {
        number(pages(), measure);
        return new Paper(
                table.title(), size.widthMillimetres(), size.heightMillimetres(), pages, table.gaps(), List.of());
    }

    private List<List<PaperElement>> pages() {
        begin();
        for (List<String> row : table.rows()) {
            row(row);
        }
        if (table.rows().isEmpty()) {
            page.add(new PaperElement.Text(MARGIN, FIRST_ROW + lineHeight, letters, false, "Nothing to list yet."));
        }
        return pages;
    }

    private void begin() {
        page = new ArrayList<>();
        pages.add(page);
        page.add(Fitted.title(table.title(), MARGIN, size.widthMillimetres(), measure));
        double x = MARGIN;
        for (int i = 0; i < table.headings().size(); i++) {
            page.add(new PaperElement.Text(
                    x, FIRST_ROW - 2, letters, true, table.headings().get(i)));
            x += width(i);
        }
        page.add(new PaperElement.Rule(MARGIN, FIRST_ROW, size.widthMillimetres() - MARGIN, FIRST_ROW, 0.4));
        y = FIRST_ROW;
    }

    private double last() {
        return size.heightMillimetres() - MARGIN - FOOT;
    }

    private double width(int column) {
        double all = table.shares().stream().mapToDouble(Double::doubleValue).sum();
        return (size.widthMillimetres() - 2 * MARGIN) * table.shares().get(column) / all;
    }

    private void row(List<String> cells) {
        List<List<String>> lines = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            lines.add(Lines.of(cells.get(i), width(i) - GAP, letters, false, measure));
        }
        int high = lines.stream().mapToInt(List::size).max().orElse(1);
        if (y + high * lineHeight > last() && y > FIRST_ROW) {
            begin();
        }
        for (int line = 0; line < high; line++) {
            if (y + lineHeight > last()) {
                begin();
            }
            y += lineHeight;
            line(lines, line);
        }
        y += 1.2;
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
