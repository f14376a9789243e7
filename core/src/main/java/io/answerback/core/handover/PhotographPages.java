package io.answerback.core.handover;

import io.answerback.core.model.service.Photograph;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.PaperElement;
import java.util.ArrayList;
import java.util.List;

/// Photographs on pages, four on each, with what is on them and when they were taken.
///
/// @param photographs in the order they are printed
/// @param size the size of the pages
record PhotographPages(List<Photograph> photographs, PageSize size) {
    private static final double MARGIN = 14;
    private static final double FOOT = 8;
    private static final double GAP = 6;
    private static final double CAPTION = 7;
    private static final double LETTERS = 3.2;
    private static final int ACROSS = 2;
    private static final int PAGE = 2 * ACROSS;

    /// The pages, not numbered yet; none without photographs.
    List<List<PaperElement>> pages(Measure measure) {
        List<List<PaperElement>> pages = new ArrayList<>();
        for (int i = 0; i < photographs.size(); i++) {
            if (i % PAGE == 0) {
                pages.add(new ArrayList<>());
            }
            put(pages.getLast(), photographs.get(i), i % PAGE, measure);
        }
        return pages;
    }

    private void put(List<PaperElement> page, Photograph photograph, int place, Measure measure) {
        double width = (size.widthMillimetres() - 2 * MARGIN - GAP) / ACROSS;
        double height = (size.heightMillimetres() - 2 * MARGIN - FOOT - GAP) / 2;
        double x = MARGIN + place % ACROSS * (width + GAP);
        double y = MARGIN + place / ACROSS * (height + GAP);
        page.add(new PaperElement.Picture(x, y, width, height - CAPTION, photograph.file()));
        String taken = photograph
                .takenAt()
                .map(at -> ", " + at.toString().substring(0, 10))
                .orElse("");
        String words = photograph.of() + taken;
        while (words.length() > 1 && measure.width(words, LETTERS, false) > width) {
            words = words.substring(0, words.length() - 2).stripTrailing() + "…";
        }
        page.add(new PaperElement.Text(x, y + height - 2, LETTERS, false, words));
    }
}
