package io.answerback.paper;

import io.answerback.cores.BoxPlan;
import io.answerback.cores.CoreEnd;
import io.answerback.cores.CorePlan;
import io.answerback.job.Job;
import io.answerback.job.Terminal;
import java.util.ArrayList;
import java.util.List;

/// The terminals of every box with the cores under them, a box on a page, to be left inside its lid.
public final class BoxPaper {
    private static final double WIDTH = 297;
    private static final double HEIGHT = 210;
    private static final double MARGIN = 14;
    private static final double STRIP = 40;
    private static final double SIZE = 3;
    private static final double LINE = 4;
    private static final double MOST_STEP = 16;

    private BoxPaper() {}

    /// The boxes of a job.
    public static Paper of(Job job, CorePlan plan, Measure measure) {
        List<String> problems = new ArrayList<>();
        List<List<Mark>> pages = new ArrayList<>();
        for (BoxPlan box : plan.boxes()) {
            pages.add(page(job, box, measure));
            if (box.strip().isEmpty()) {
                problems.add("The terminals of %s are not known; its page has a gap.".formatted(box.module()));
            }
        }
        if (pages.isEmpty()) {
            pages.add(List.of(new Mark.Text(MARGIN, STRIP, SIZE, false, "No cable comes to a box yet.")));
        }
        return new Paper(job.site().name() + ", boxes", WIDTH, HEIGHT, pages, problems);
    }

    private static List<Mark> page(Job job, BoxPlan box, Measure measure) {
        List<Mark> page = new ArrayList<>();
        page.add(new Mark.Text(MARGIN, MARGIN + 5, 5.2, true, box.module()));
        page.add(new Mark.Text(MARGIN, MARGIN + 11, SIZE, false, job.site().name()));
        if (box.strip().isEmpty()) {
            page.add(new Mark.Text(MARGIN, STRIP, SIZE, false, "The profile does not name its terminals."));
        }
        double step = Math.min(
                MOST_STEP, (WIDTH - 2 * MARGIN) / Math.max(1, box.strip().size()));
        double lowest = STRIP + 9;
        for (int i = 0; i < box.strip().size(); i++) {
            lowest = Math.max(lowest, terminal(page, box, i, MARGIN + i * step, step, measure));
        }
        ring(page, box, lowest + 3 * LINE);
        return page;
    }

    /// One terminal and its cores; returns how far down they reach.
    private static double terminal(List<Mark> page, BoxPlan box, int i, double x, double step, Measure measure) {
        Terminal terminal = box.strip().get(i);
        page.add(new Mark.Box(x, STRIP, step, 9, ""));
        double middle = x + (step - measure.width(terminal.name(), SIZE, true)) / 2;
        page.add(new Mark.Text(middle, STRIP + 6, SIZE, true, terminal.name()));
        double y = STRIP + 9;
        for (CoreEnd end : box.under(i)) {
            y += LINE;
            page.add(new Mark.Text(x + 0.8, y, size(step), false, end.cableId()));
            y += LINE;
            page.add(new Mark.Text(x + 0.8, y, size(step), false, end.colour()));
            y += 1;
        }
        return y;
    }

    private static double size(double step) {
        return Math.min(SIZE, step / 5);
    }

    private static void ring(List<Mark> page, BoxPlan box, double top) {
        if (!box.ring().wanted()) {
            return;
        }
        page.add(new Mark.Text(
                MARGIN,
                top,
                SIZE,
                false,
                "Tamper ring: " + String.join(" – ", box.ring().joined())));
        if (!box.ring().leftOut().isEmpty()) {
            page.add(new Mark.Text(
                    MARGIN,
                    top + 1.5 * LINE,
                    SIZE,
                    true,
                    "Outside the ring: " + String.join(", ", box.ring().leftOut())));
        }
    }
}
