package io.answerback.desktop.start;

import io.answerback.core.assess.JobStanding;
import io.answerback.core.assess.StopProgress;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Stop;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.RowButton;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// A job on the start sheet as one row, so that jobs compare down the page: its site, a mark for each stop, the
/// worst that was found, and when somebody has to come back.
final class KnownJobRow {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final double MARK_RADIUS = 4.5;
    private static final double LEAST_WIDTH_BESIDE = 580;
    private static final double LINE_WIDTH = 260;

    private final Look look;
    private final InstantSource clock;
    private final KnownJob job;

    /// @param clock tells whether a visit is overdue
    KnownJobRow(Look look, InstantSource clock, KnownJob job) {
        this.look = look;
        this.clock = clock;
        this.job = job;
    }

    /// The row; one whose file cannot be read says why, and leads nowhere.
    ///
    /// @param go opens the job
    Node node(Runnable go) {
        if (job.standing().isEmpty()) {
            VBox words = new VBox(
                    Words.wrapped(Words.of("finding-says", job.where())),
                    Words.wrapped(Words.of("finding-why", job.trouble())));
            words.getStyleClass().add("known-trouble");
            return words;
        }
        JobStanding standing = job.standing().get();
        VBox found = new VBox(worst(standing), last(job, standing));
        found.getStyleClass().add("known-found");
        HBox line = new HBox(site(standing), stops(standing));
        line.getStyleClass().add("known-line");
        HBox.setHgrow(found, Priority.ALWAYS);
        VBox parts = new VBox(line, found);
        HBox.setHgrow(parts, Priority.ALWAYS);
        parts.widthProperty().subscribe(width -> place(found, line, parts, width.doubleValue()));
        return new RowButton(says(job, standing), go, parts);
    }

    /// What was found stands beside the marks where there is room for it, else below them.
    private void place(Node found, HBox line, VBox parts, double width) {
        Pane wanted = width < look.px(LEAST_WIDTH_BESIDE) ? parts : line;
        if (!wanted.getChildren().contains(found)) {
            line.getChildren().remove(found);
            parts.getChildren().remove(found);
            wanted.getChildren().add(found);
        }
    }

    /// What stands over the rows: the number of each stop, with its name on hover.
    static Node head() {
        HBox stops = new HBox();
        for (Stop stop : Stop.values()) {
            Label number = Words.quiet(Integer.toString(stop.number()));
            Hint.on(number, stop.title());
            stops.getChildren().add(cell(number));
        }
        HBox marks = new HBox(Words.quiet("Point at a mark for its stop"));
        marks.getStyleClass().add("known-place");
        HBox head = new HBox(marks, stops);
        head.getStyleClass().add("known-head");
        return head;
    }

    private static Node cell(Node content) {
        StackPane cell = new StackPane(content);
        cell.getStyleClass().add("known-cell");
        return cell;
    }

    private static Node site(JobStanding standing) {
        VBox words = new VBox(
                Words.wrapped(Words.of("known-site", standing.site())), Words.wrapped(Words.quiet(standing.place())));
        words.getStyleClass().add("known-place");
        return words;
    }

    private Node stops(JobStanding standing) {
        HBox line = new HBox();
        line.getStyleClass().add("known-stops");
        for (StopProgress stop : standing.stops()) {
            String says = "%s %d of %d, %s"
                    .formatted(
                            stop.stop().title(),
                            stop.done(),
                            stop.of(),
                            stop.mark().word());
            Node mark = Marks.of(stop.mark(), says, look.px(MARK_RADIUS));
            Node cell = cell(mark);
            Hint.on(cell, says);
            line.getChildren().add(cell);
        }
        return line;
    }

    private Node worst(JobStanding standing) {
        if (standing.worst().isEmpty()) {
            return Words.quiet("Nothing wrong.");
        }
        Finding worst = standing.worst().get();
        HBox line = new HBox(
                Marks.of(Marks.of(worst.grade()), worst.grade().word(), look.px(MARK_RADIUS)),
                Words.wrapped(Words.of("known-worst", worst.headline())));
        line.getStyleClass().add("known-stop-row");
        return line;
    }

    private Node last(KnownJob job, JobStanding standing) {
        Label where = Words.quiet(where(job));
        Hint.on(where, job.where());
        Flow line = new Flow(Words.quiet(reached(standing)), Words.of(dueStyle(standing), due(standing)), where);
        line.getStyleClass().add("section");
        line.setPrefWrapLength(look.px(LINE_WIDTH));
        return line;
    }

    private static String reached(JobStanding standing) {
        return standing.reached().map(stop -> "Now at " + stop.stop().title()).orElse("Every stop is done");
    }

    private boolean overdue(JobStanding standing) {
        LocalDate today = clock.instant().atZone(ZoneId.systemDefault()).toLocalDate();
        return standing.due().filter(day -> day.isBefore(today)).isPresent();
    }

    private String dueStyle(JobStanding standing) {
        return overdue(standing) ? "known-due" : "quiet";
    }

    private String due(JobStanding standing) {
        return standing.due()
                .map(day -> (overdue(standing) ? "visit was due " : "next visit ") + DAY.format(day))
                .orElse("never proven");
    }

    private static String where(KnownJob job) {
        return job.file().map(Path::getFileName).map(Path::toString).orElse("not saved yet");
    }

    private String says(KnownJob job, JobStanding standing) {
        return "%s. %s. %s. %s. %s"
                .formatted(
                        standing.site(),
                        reached(standing),
                        due(standing),
                        standing.worst().map(Finding::says).orElse("Nothing wrong"),
                        where(job));
    }
}
