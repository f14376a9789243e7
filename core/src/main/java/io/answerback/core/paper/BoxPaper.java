package io.answerback.core.paper;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/// The terminals of every box with the cores under them, what else is joined in it and which cable goes where,
/// to be left inside its lid. Each box begins a page of A4, lying.
public final class BoxPaper {
    private BoxPaper() {}

    /// The boxes of a job.
    ///
    /// @param date the day the drawings are made
    public static Paper of(Parts job, CorePlan plan, LocalDate date, Measure measure) {
        List<String> problems = new ArrayList<>();
        List<List<PaperElement>> pages = new ArrayList<>();
        for (BoxPlan box : plan.boxes()) {
            pages.addAll(new BoxPages(job, plan, box, date, measure).pages());
            if (box.strip().isEmpty() && !(box.place() instanceof JointId)) {
                problems.add(Text.of("The terminals of %s are not known; its page has a gap.", box.title()));
            }
        }
        if (pages.isEmpty()) {
            pages.add(List.of(
                    new PaperElement.Text(BoxPages.MARGIN, BoxPages.STRIP, 3, false, "No cable comes to a box yet.")));
        }
        return new Paper(job.site().name() + ", boxes", BoxPages.WIDTH, BoxPages.HEIGHT, pages, problems, List.of());
    }
}
