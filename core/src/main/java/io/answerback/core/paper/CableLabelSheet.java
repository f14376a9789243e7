package io.answerback.core.paper;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// Labels for both ends of every cable: its number large, where it goes and where it comes from beneath.
public final class CableLabelSheet {
    private static final double SMALLEST = 2;
    private static final double LARGEST = 9;

    private CableLabelSheet() {}

    /// The labels of a job, two a cable: the first for the end at the box. What does not fit at the smallest
    /// size that can be read is cut short, and said among the problems.
    public static Paper of(Parts job, CorePlan plan, LabelStock stock, Measure measure) {
        List<List<PaperElement>> pages = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        int at = 0;
        for (Cable cable : job.cables()) {
            String to = plan.farEnd(cable);
            String from = plan.boxOf(cable.id()).map(BoxPlan::title).orElse("no box yet");
            for (List<String> lines : List.of(List.of("to " + to, "at " + from), List.of("to " + from, "at " + to))) {
                if (at % stock.onPage() == 0) {
                    pages.add(new ArrayList<>());
                }
                place(
                        pages.getLast(),
                        stock,
                        at % stock.onPage(),
                        measure,
                        cable.id().text(),
                        lines,
                        problems);
                at++;
            }
        }
        if (pages.isEmpty()) {
            pages.add(List.of());
        }
        return new Paper(
                job.site().name() + ", cable labels",
                stock.pageWidth(),
                stock.pageHeight(),
                pages,
                problems.stream().distinct().toList(),
                IntStream.range(0, stock.onPage())
                        .mapToObj(label -> edge(stock, label))
                        .toList());
    }

    private static PaperElement.Box edge(LabelStock stock, int at) {
        return new PaperElement.Box(left(stock, at), top(stock, at), stock.labelWidth(), stock.labelHeight(), "");
    }

    private static double left(LabelStock stock, int at) {
        return stock.left() + at % stock.columns() * stock.stepX();
    }

    private static double top(LabelStock stock, int at) {
        return stock.top() + at / stock.columns() * stock.stepY();
    }

    private static void place(
            List<PaperElement> page,
            LabelStock stock,
            int at,
            Measure measure,
            String id,
            List<String> lines,
            List<String> problems) {
        double padding = Math.clamp(stock.labelWidth() * 0.06, 1.5, 4.5);
        double x = left(stock, at) + padding;
        double y = top(stock, at);
        double room = stock.labelWidth() - 2 * padding;
        double large = Math.min(LARGEST, stock.labelHeight() * 0.34);
        double small = Math.clamp(stock.labelHeight() * 0.2, SMALLEST, LARGEST / 2);
        Fitted number = Fitted.of(id, room, large, large, true, measure);
        page.add(new PaperElement.Text(x, y + 0.8 + large, large, true, number.words()));
        double baseline = y + 0.8 + large;
        for (String line : lines) {
            baseline += small * 1.25;
            Fitted fits = Fitted.of(line, room, small, SMALLEST, false, measure);
            if (!fits.words().equals(line)) {
                problems.add(Text.of(
                        "\"%s\" is too long for a label of %.0f mm and was cut short; take a larger label or a shorter name.",
                        line.substring(line.indexOf(' ') + 1), stock.labelWidth()));
            }
            page.add(new PaperElement.Text(x, baseline, fits.size(), false, fits.words()));
        }
    }
}
