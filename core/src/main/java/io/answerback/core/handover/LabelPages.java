package io.answerback.core.handover;

import io.answerback.core.paper.Fitted;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.PaperElement;
import io.answerback.core.paper.Table;
import java.util.ArrayList;
import java.util.List;

/// Labels as labels, to be cut out along their edges: where each goes small above it, its first line large.
///
/// @param labels a row a label: where it goes, then its lines
/// @param size the size of the pages
record LabelPages(Table labels, PageSize size) {
    private static final double MARGIN = 14;
    private static final double TITLE = 12;
    private static final double FOOT = 8;
    private static final double GAP = 6;
    private static final double HEIGHT = 38;
    private static final double CAPTION = 5;
    private static final double PADDING = 4;
    private static final double LARGE = 6;
    private static final double SMALL = 3.6;
    private static final double LEAST = 2.4;
    private static final double EDGE = 0.2;
    private static final double WIDTH = 84;

    /// The pages, not numbered yet; none without labels.
    List<List<PaperElement>> pages(Measure measure) {
        int across = Math.max(1, (int) ((size.widthMillimetres() - 2 * MARGIN + GAP) / (WIDTH + GAP)));
        int down = (int) ((size.heightMillimetres() - 2 * MARGIN - TITLE - FOOT + GAP) / (CAPTION + HEIGHT + GAP));
        List<List<PaperElement>> pages = new ArrayList<>();
        for (int i = 0; i < labels.rows().size(); i++) {
            int place = i % (across * down);
            if (place == 0) {
                pages.add(new ArrayList<>(
                        List.of(Fitted.title(labels.title(), MARGIN, size.widthMillimetres(), measure))));
            }
            double x = MARGIN + place % across * (WIDTH + GAP);
            double y = MARGIN + TITLE + place / across * (CAPTION + HEIGHT + GAP);
            put(pages.getLast(), labels.rows().get(i), x, y, measure);
        }
        return pages;
    }

    private static void put(List<PaperElement> page, List<String> label, double x, double y, Measure measure) {
        double room = WIDTH - 2 * PADDING;
        page.add(line(label.getFirst(), x, y + CAPTION - 1.5, WIDTH, LEAST + 0.6, false, measure));
        double top = y + CAPTION;
        edges(page, x, top);
        double baseline = top + PADDING + LARGE;
        page.add(line(label.get(1), x + PADDING, baseline, room, LARGE, true, measure));
        for (String words : label.subList(2, label.size())) {
            baseline += SMALL * 1.7;
            page.add(line(words, x + PADDING, baseline, room, SMALL, false, measure));
        }
    }

    private static PaperElement line(
            String words, double x, double baseline, double room, double letters, boolean strong, Measure measure) {
        Fitted fits = Fitted.of(words, room, letters, LEAST, strong, measure);
        return new PaperElement.Text(x, baseline, fits.size(), strong, fits.words());
    }

    private static void edges(List<PaperElement> page, double x, double top) {
        page.add(new PaperElement.Rule(x, top, x + WIDTH, top, EDGE));
        page.add(new PaperElement.Rule(x, top + HEIGHT, x + WIDTH, top + HEIGHT, EDGE));
        page.add(new PaperElement.Rule(x, top, x, top + HEIGHT, EDGE));
        page.add(new PaperElement.Rule(x + WIDTH, top, x + WIDTH, top + HEIGHT, EDGE));
    }
}
