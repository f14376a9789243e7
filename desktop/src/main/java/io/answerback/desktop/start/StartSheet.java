package io.answerback.desktop.start;

import io.answerback.core.assess.Assessor;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.shell.FrontSheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.RuleShelf;
import io.answerback.files.Recovery;
import io.answerback.files.SettingsFile;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Where a day begins: jobs to go on with and how each stands, a new job, and the demos. Lies over the whole
/// window until one is chosen.
public final class StartSheet extends FrontSheet {
    private static final double NARROW = 820;
    private static final PseudoClass NARROW_COLUMNS = PseudoClass.getPseudoClass("narrow");

    private final Actions actions;
    private final Look look;
    private final Background background;
    private final Recovery recovery;
    private final Assessor assessor;
    private final Supplier<List<String>> recent;
    private final InstantSource clock;
    private final RuleShelf shelf;
    private final FileQuestions files;
    private NewJobForm form;
    private final PartPane known;
    private ScrollPane newJob;
    private boolean mayLeave;

    /// What a choice on the sheet does.
    public interface Actions {
        /// Opens a job file.
        void open(Path file);

        /// Begins a job that has no file yet.
        void begin(Job job);

        /// Goes on with a job that was begun and never saved.
        void resume(Job job, String key);

        /// Opens a demo, from 1.
        void demo(int number);

        /// Opens the exercises.
        void exercises();

        /// Goes back to the job under the sheet.
        void leave();
    }

    /// The sheet.
    ///
    /// @param recent the job files opened lately, newest first
    /// @param clock tells whether a visit is overdue
    public StartSheet(
            Actions actions,
            Look look,
            Background background,
            Recovery recovery,
            Assessor assessor,
            RuleShelf shelf,
            FileQuestions files,
            Supplier<List<String>> recent,
            InstantSource clock) {
        this.clock = clock;
        this.actions = actions;
        this.look = look;
        this.background = background;
        this.recovery = recovery;
        this.assessor = assessor;
        this.recent = recent;
        this.shelf = shelf;
        this.files = files;
        this.known = new PartPane(look, "known-jobs");
        getStyleClass().add("start");
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE && mayLeave) {
                actions.leave();
                key.consume();
            }
        });
    }

    private Node content() {
        PartPane head = pane(
                "start-head",
                Words.of("start-name", "Answerback"),
                Words.of(
                        "start-about",
                        "From a door in the building to the line the operator reads, and the answer back."));
        VBox right = new VBox(form, pane("start-demos", demos()));
        right.getStyleClass().add("start-right");
        VBox left = new VBox(
                pane("start-head-left", Words.of("start-title", "Go on with a job")),
                known,
                pane("start-demos", learn()));
        left.getStyleClass().add("start-left");
        ScrollPane scroll = scroll(left);
        newJob = scroll(right);
        GridPane columns = new GridPane();
        columns.getStyleClass().add("start-columns");
        widthProperty().subscribe(() -> divide(columns));
        look.textPercent().subscribe(percent -> divide(columns));
        columns.addRow(0, scroll, newJob);
        GridPane.setVgrow(scroll, Priority.ALWAYS);
        VBox all = new VBox(head, columns);
        VBox.setVgrow(columns, Priority.ALWAYS);
        return all;
    }

    /// In a narrow window the new job has more of the room than the jobs to go on with.
    private void divide(GridPane columns) {
        boolean narrow = getWidth() / look.px(1) < NARROW;
        columns.pseudoClassStateChanged(NARROW_COLUMNS, narrow);
        columns.getColumnConstraints().setAll(narrow ? List.of(share(53), share(47)) : List.of(share(55), share(45)));
    }

    private static ScrollPane scroll(Node content) {
        ScrollPane pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pane.getStyleClass().add("start-scroll");
        return pane;
    }

    private static ColumnConstraints share(double percent) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(percent);
        return column;
    }

    private PartPane pane(String style, Part... parts) {
        PartPane pane = new PartPane(look, style);
        pane.show(List.of(parts));
        return pane;
    }

    private Part[] demos() {
        List<Part> rows =
                IntStream.range(0, DemoJobs.COUNT).mapToObj(this::demo).toList();
        return new Part[] {
            Words.of("start-title", "Try a made-up site"),
            Group.column(rows).style("demo-rows"),
            Words.wrapped(Words.quiet("Or drop a job file anywhere on this window."))
        };
    }

    private Part[] learn() {
        return new Part[] {
            Words.of("start-title", "Learn and practise"),
            Press.of(
                    "Exercises: find faults, land cores, size batteries, read the line",
                    actions::exercises,
                    Group.column(
                                    Words.of("finding-says", "Exercises"),
                                    Words.wrapped(
                                            Words.of(
                                                    "finding-why",
                                                    "Find hidden faults, land cores, size batteries, read calls, and check a whole site. Every answer is computed.")))
                            .growing())
        };
    }

    private Part demo(int index) {
        Group words = Group.column(
                Words.of("finding-says", DemoJobs.NAMES.get(index)),
                Words.wrapped(Words.of("finding-why", DemoJobs.ABOUT.get(index))));
        return Press.of(
                DemoJobs.NAMES.get(index) + ": " + DemoJobs.ABOUT.get(index),
                () -> actions.demo(index + 1),
                words.growing());
    }

    /// Shows the sheet and reads anew how the jobs stand.
    ///
    /// @param leave whether there is a job behind it to go back to with Escape
    public void show(boolean leave) {
        mayLeave = leave;
        if (form == null) {
            form = new NewJobForm(look, shelf, files, actions::begin);
            getChildren().add(content());
        }
        form.show();
        setVisible(true);
        setManaged(true);
        applyCss();
        layout();
        form.focusSite();
        Platform.runLater(() -> newJob.setVvalue(0));
        List<String> files = recent.get();
        known.show(List.of(Words.quiet("Reading the jobs…")));
        background.compute(() -> KnownJob.read(files, recovery, assessor), this::show);
    }

    /// Takes house rules or a panel profile from a file for the new job.
    public void take(Path file) {
        if (file.toString().endsWith(SettingsFile.RULES_ENDING)) {
            form.takeRules(file);
        } else {
            form.takeProfile(file);
        }
    }

    private void show(List<KnownJob> jobs) {
        form.refresh();
        if (jobs.isEmpty()) {
            known.show(
                    List.of(Words.empty("No job yet. Name a site on the right to begin one, or try a made-up site.")));
            return;
        }
        LocalDate today = clock.instant().atZone(ZoneId.systemDefault()).toLocalDate();
        List<Part> rows = new ArrayList<>();
        rows.add(KnownJobRow.head());
        jobs.forEach(job -> rows.add(new KnownJobRow(today, job).part(() -> go(job))));
        known.show(rows);
    }

    private void go(KnownJob job) {
        job.file()
                .ifPresentOrElse(
                        actions::open,
                        () -> actions.resume(job.document().orElseThrow().job(), job.where()));
    }
}
