package io.answerback.desktop.start;

import io.answerback.core.assess.JobStanding;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Words;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/// A job on the start sheet as one row, so that jobs compare down the page: its site, a mark for each stop, the
/// worst that was found, and when somebody has to come back.
final class KnownJobRow {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final double FOUND_WIDTH = 230;

    private final LocalDate today;
    private final KnownJob job;

    /// @param today tells whether a visit is overdue
    KnownJobRow(LocalDate today, KnownJob job) {
        this.today = today;
        this.job = job;
    }

    /// The row; one whose file cannot be read says why, and leads nowhere.
    ///
    /// @param go opens the job
    Part part(Runnable go) {
        return job.standing().map(standing -> row(standing, go)).orElseGet(this::trouble);
    }

    private Part trouble() {
        return Group.column(
                        Words.wrapped(Words.of("finding-says", job.where())),
                        Words.wrapped(Words.of("finding-why", job.trouble())))
                .style("known-trouble");
    }

    private Part row(JobStanding standing, Runnable go) {
        Group found = Group.column(worst(standing), last(standing)).style("known-found");
        Group line = Group.flow(
                        Group.row(site(standing), stops(standing)).style("known-marks"), found.wide(FOUND_WIDTH))
                .style("known-line");
        return Press.of(says(standing), go, line.growing()).keyed(job.where());
    }

    /// What stands over the rows: the number of each stop, with its name on hover.
    static Part head() {
        List<Part> numbers = Stream.of(Stop.values())
                .map(stop -> cell(Words.quiet(Integer.toString(stop.number())).hint(stop.title())))
                .toList();
        return Group.row(
                        Group.row(Words.quiet("Point at a mark for its stop")).style("known-place"),
                        Group.of(Group.Layout.ROW, numbers))
                .style("known-head");
    }

    private static Part cell(Part content) {
        return Group.row(content).style("known-cell");
    }

    private static Part site(JobStanding standing) {
        return Group.column(
                        Words.wrapped(Words.of("known-site", standing.site())),
                        Words.wrapped(Words.quiet(standing.place())))
                .style("known-place");
    }

    private static Part stops(JobStanding standing) {
        List<Part> marks = standing.stops().stream()
                .map(stop -> {
                    String says = "%s %d of %d, %s"
                            .formatted(
                                    stop.stop().title(),
                                    stop.done(),
                                    stop.of(),
                                    stop.mark().word());
                    return cell(Marks.of(stop.mark(), says)).hint(says);
                })
                .map(Part.class::cast)
                .toList();
        return Group.of(Group.Layout.ROW, marks).style("known-stops");
    }

    private static Part worst(JobStanding standing) {
        return standing.worst()
                .<Part>map(worst -> Group.row(
                                Marks.of(Marks.of(worst.grade()), worst.grade().word()),
                                Words.wrapped(Words.of("known-worst", worst.headline())))
                        .style("known-stop-row"))
                .orElseGet(() -> Words.quiet("Nothing wrong."));
    }

    private Part last(JobStanding standing) {
        return Group.flow(
                        Words.of(
                                job.unsaved() && job.file().isPresent() ? "known-due" : "quiet",
                                job.unsaved() && job.file().isPresent() ? "Unsaved changes" : ""),
                        Words.quiet(reached(standing)),
                        Words.of(overdue(standing) ? "known-due" : "quiet", due(standing)),
                        Words.quiet(where()).hint(job.where()))
                .style("section");
    }

    private static String reached(JobStanding standing) {
        return standing.reached().map(stop -> "Now at " + stop.stop().title()).orElse("Every stop is done");
    }

    private boolean overdue(JobStanding standing) {
        return standing.due().filter(day -> day.isBefore(today)).isPresent();
    }

    private String due(JobStanding standing) {
        return standing.due()
                .map(day -> (overdue(standing) ? "visit was due " : "next visit ") + DAY.format(day))
                .orElse("never proven");
    }

    private String where() {
        return job.file().map(Path::getFileName).map(Path::toString).orElse("not saved yet");
    }

    private String says(JobStanding standing) {
        return "%s. %s. %s. %s. %s"
                .formatted(
                        standing.site(),
                        reached(standing),
                        due(standing),
                        standing.worst().map(Finding::says).orElse("Nothing wrong"),
                        where());
    }
}
