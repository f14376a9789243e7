package io.answerback.core.paper;

import io.answerback.core.model.site.Parts;
import io.answerback.core.report.network.FirewallNote;
import java.util.ArrayList;
import java.util.List;

/// The note for the administrator of the site's network, on paper.
public final class NetworkPaper {
    private static final double WIDTH = 297;
    private static final double HEIGHT = 210;

    private NetworkPaper() {}

    /// The note of a job; one empty page where nothing goes out over IP.
    public static Paper of(Parts job, Measure measure) {
        List<List<PaperElement>> pages = new ArrayList<>(TableSetter.pages(List.of(table(job)), measure));
        TableSetter.number(pages, measure);
        return new Paper(job.site().name() + ", network", WIDTH, HEIGHT, pages, List.of(), List.of());
    }

    private static Table table(Parts job) {
        return new Table(
                job.site().name() + ", for the network administrator",
                List.of("What the communicator needs"),
                List.of(1.0),
                FirewallNote.of(job).stream().map(List::of).toList(),
                List.of());
    }
}
