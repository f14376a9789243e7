package io.answerback.desktop;

import io.answerback.core.assess.Assessor;
import io.answerback.desktop.learn.ExercisePane;
import io.answerback.desktop.live.MessageSession;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.live.Sending;
import io.answerback.desktop.live.StoredKeys;
import io.answerback.desktop.paper.PagePrinter;
import io.answerback.desktop.shell.ChosenFiles;
import io.answerback.desktop.shell.Commands;
import io.answerback.desktop.shell.ConflictStrip;
import io.answerback.desktop.shell.FileNews;
import io.answerback.desktop.shell.FrontSheets;
import io.answerback.desktop.shell.JobKeeper;
import io.answerback.desktop.shell.MainWindow;
import io.answerback.desktop.shell.ReadJob;
import io.answerback.desktop.start.StartSheet;
import io.answerback.desktop.survey.SurveyCommands;
import io.answerback.desktop.survey.TableImport;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.DataFiles;
import io.answerback.files.Recovery;
import io.answerback.files.folder.OpenFiles;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import javafx.application.Platform;
import javafx.stage.Stage;

/// One window with everything behind it, put together and taken apart again.
public final class ApplicationWindow implements AutoCloseable {
    private final Stage stage;
    private final OpenJob openJob;
    private final PracticeSession practice;
    private final MessageSession messages;
    private final JobKeeper keeper;
    private final Look look = new Look();
    private final MainWindow window;
    private final Background background;
    private final StartSheet start;
    private final ExercisePane exercises;
    private final SurveyCommands survey;
    private final Benches benches;
    private final FileIntake intake;
    private final WindowMemory memory;
    private boolean atStart;

    /// A window on a stage, not shown yet.
    ///
    /// @param opened what was read for it
    /// @param folder where the application keeps what it remembers
    /// @param port the port the practice station should listen on
    /// @param linkLight how long each link of the chain lights
    /// @throws IOException when the practice station cannot listen
    public ApplicationWindow(Stage stage, Opened opened, Path folder, InstantSource clock, int port, Duration linkLight)
            throws IOException {
        this.stage = stage;
        this.memory = new WindowMemory(folder, opened.remembered());
        ReadJob first = opened.job();
        Assessor assessor = new Assessor(opened.events())
                .with(DataFiles.priors())
                .on(LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
        this.openJob = new OpenJob(
                assessor, assessor.assess(first.document().job(), first.assessment()), first.file(), first.readOnly());
        this.background = new Background(openJob::warn);
        StoredKeys keys = new StoredKeys(folder, background);
        this.practice = new PracticeSession(
                openJob, opened.tables(), clock, port, linkLight, folder, keys::keys, Platform::runLater);
        this.messages = new MessageSession(clock, Platform::runLater);
        Recovery recovery = new Recovery(folder);
        this.keeper = new JobKeeper(
                openJob,
                background,
                recovery,
                new OpenFiles(folder),
                assessor::assess,
                first,
                clock,
                new FileNews(this::opened, this::kept, this::takenUp));
        this.atStart = opened.atStart();
        memory.dress(look);
        Shelves shelves = Shelves.in(folder, background);
        TableImport table = new TableImport(openJob, background, opened.kinds(), Benches.usual(opened.conductors()));
        StartActions actions = new StartActions(
                keeper, background, clock, this::begun, this::typePoint, this::learn, this::leaveStart);
        FileQuestions files =
                new ChosenFiles(stage, memory.dialogs(() -> openJob.now().file()));
        this.start = new StartSheet(
                actions, look, background, recovery, assessor, shelves.rules(), files, memory::recent, clock);
        this.exercises = ExercisePane.of(look, background, folder, openJob, actions::plan, files);
        BenchTools tools = new BenchTools(openJob, look, background, files, clock);
        this.benches = new Benches(
                tools,
                opened,
                shelves,
                table,
                new PagePrinter(stage, openJob::tell),
                () -> new Sending(practice, keys, messages),
                Benches.Kept.in(memory.engineer(), folder, openJob, clock, background));
        this.survey = new SurveyCommands(files, openJob, background, table, this::typePoint);
        this.intake = new FileIntake(
                openJob,
                background,
                start,
                shelves,
                file -> benches.report().read(file),
                file -> benches.handOver().photograph(file),
                survey,
                keeper);
        Commands commands = new Commands(
                files, openJob, keeper, practice, look, survey.all(), () -> start.show(!atStart), this::learn);
        this.window = new MainWindow(
                openJob,
                practice,
                look,
                commands,
                benches.byStop(),
                benches.sheets(),
                new FrontSheets(List.of(start, exercises)),
                new ConflictStrip(keeper, look),
                this::open,
                memory::recent,
                clock);
        keeper.start();
        if (!opened.trouble().isEmpty()) {
            openJob.warn(opened.trouble());
        }
        memory.dress(stage, window.scene());
    }

    /// Its benches.
    public Benches benches() {
        return benches;
    }

    private void typePoint() {
        openJob.open(SurveySheet.ROOMS);
        Platform.runLater(() -> benches.survey().focusEntry());
    }

    /// Takes a file that is opened or dropped to where it belongs.
    public void open(Path file) {
        intake.take(file, start.isVisible() || exercises.isVisible(), () -> start.show(!atStart));
    }

    private void begun() {
        practice.reset();
        leaveStart();
        openJob.open(SurveySheet.ROOMS);
    }

    private void takenUp() {
        exercises.hide();
        leaveStart();
        practice.reset();
    }

    private void learn() {
        keeper.lookedEnough();
        exercises.show(start, window::focus);
    }

    /// Lays the start sheet aside and goes to the job under it.
    public void leaveStart() {
        atStart = false;
        start.hide();
        window.focus();
    }

    private void opened(Path file) {
        exercises.hide();
        leaveStart();
        practice.reset();
        kept(file);
        benches.handOver().planVisit();
    }

    /// Saving touches nothing but files: a door that is open stays open.
    private void kept(Path file) {
        memory.opened(file);
    }

    /// What the window works on.
    public OpenJob openJob() {
        return openJob;
    }

    /// The practice run behind it.
    public PracticeSession practice() {
        return practice;
    }

    /// How it looks.
    public Look look() {
        return look;
    }

    /// What opens and saves its job.
    public JobKeeper keeper() {
        return keeper;
    }

    /// What reads and writes tables of points.
    public SurveyCommands survey() {
        return survey;
    }

    /// The exercises.
    public ExercisePane exercises() {
        return exercises;
    }

    /// What reads and writes its other files.
    public Background background() {
        return background;
    }

    /// The sheet a day begins with.
    public StartSheet start() {
        return start;
    }

    /// Shows the window.
    public void show() {
        openJob.now().file().ifPresent(memory::opened);
        stage.show();
        window.focus();
        if (atStart) {
            start.show(false);
        }
    }

    /// Remembers the window, keeps what is unsaved, and stops the practice station.
    @Override
    public void close() {
        memory.keep(stage, look);
        practice.close();
        messages.close();
        keeper.close();
        openJob.close();
    }
}
