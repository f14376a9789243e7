package io.answerback.desktop.shell;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/// Everything the user can do from anywhere.
public final class Commands {
    private static final int TEXT_STEP_PERCENT = 10;

    private static final List<FileQuestions.Sort> JOBS =
            List.of(new FileQuestions.Sort("Answerback jobs", "*" + JobFile.ENDING));
    private static final List<FileQuestions.Sort> SORTS =
            List.of(JOBS.getFirst(), new FileQuestions.Sort("All files", "*"));

    private final FileQuestions files;
    private final OpenJob openJob;
    private final JobKeeper keeper;
    private final PracticeSession practice;
    private final Look look;
    private final List<Command> survey;
    private final Runnable start;
    private final Runnable exercises;
    private IntConsumer turn = steps -> {};
    private Runnable next = () -> {};
    private Runnable nextPane = () -> {};

    /// The commands of one window.
    ///
    /// @param files asks for files
    /// @param survey what can be done to the list of points
    /// @param start opens the start sheet
    /// @param exercises opens the exercises
    public Commands(
            FileQuestions files,
            OpenJob openJob,
            JobKeeper keeper,
            PracticeSession practice,
            Look look,
            List<Command> survey,
            Runnable start,
            Runnable exercises) {
        this.survey = List.copyOf(survey);
        this.start = start;
        this.exercises = exercises;
        this.files = files;
        openJob.copiesTo(Commands::toClipboard);
        this.openJob = openJob;
        this.keeper = keeper;
        this.practice = practice;
        this.look = look;
    }

    /// Coming to a job, and leaving.
    List<Command> enter() {
        return List.of(
                Command.of("New job, or another", "Shortcut+N", start).called("start, begin, recent, home, demo"),
                Command.of("Open a job", "Shortcut+O", this::open).called("load, file"),
                Command.of("Exercises", "Shortcut+L", exercises).called("learn, training, practise, quiz, apprentice"));
    }

    /// Going on with a job that was open in this window before.
    List<Command> aside() {
        return keeper.aside().stream()
                .map(job -> Command.of(job.name(), () -> keeper.takeUp(job.key())))
                .toList();
    }

    /// Keeping a job.
    List<Command> save() {
        return List.of(
                Command.of("Save", "Shortcut+S", this::saveJob).called("keep, write, store, disk"),
                Command.of("Save as", "Shortcut+Shift+S", this::saveAs).called("copy, rename, export, another file"));
    }

    /// Leaving.
    List<Command> leave() {
        return List.of(Command.of("Quit", "Shortcut+Q", Platform::exit).called("exit, close, leave"));
    }

    /// What can be done to the list of points.
    List<Command> survey() {
        return survey;
    }

    /// Takes the last edit back.
    Command undo() {
        return Command.of("Undo", "Shortcut+Z", openJob::undo).called("back, revert, take back, cancel");
    }

    /// Makes the edit that was taken back again.
    Command redo() {
        return Command.of("Redo", "Shortcut+Y", openJob::redo).called("again, repeat, forward");
    }

    /// Gives up what is being worked out, and the edit it follows from.
    Command stopComputing() {
        return Command.of("Cancel what is being worked out", openJob::stop);
    }

    /// Copies what the links of the selected point come to.
    Command copyChain() {
        return Command.of("Copy the selected point's chain", "Shortcut+Shift+C", this::copySelectedChain);
    }

    /// How things look.
    List<Command> view() {
        return List.of(
                Command.of(
                                "Change between light and dark",
                                "Shortcut+D",
                                () -> look.dark().set(!look.dark().get()))
                        .called("theme, night, black, white, colours"),
                Command.of("Larger text", "Shortcut+Plus", () -> resize(TEXT_STEP_PERCENT))
                        .also("Shortcut+Shift+Plus", "Shortcut+Equals", "Shortcut+Shift+Equals", "Shortcut+Add"),
                Command.of("Smaller text", "Shortcut+Minus", () -> resize(-TEXT_STEP_PERCENT))
                        .also("Shortcut+Subtract"),
                nextSheet(),
                previousSheet(),
                Command.of("Text as large as it gets", () -> look.textPercent().set(150)),
                Command.of("Normal text", "Shortcut+0", () -> look.textPercent().set(100))
                        .also("Shortcut+Numpad 0"));
    }

    /// Going to a stop and trying points.
    List<Command> work() {
        List<Command> commands = new ArrayList<>();
        for (Stop stop : Stop.values()) {
            commands.add(Command.of("Go to " + stop.title(), "Shortcut+" + stop.number(), () -> openJob.go(stop))
                    .also("Shortcut+Numpad " + stop.number()));
        }
        commands.add(whatIsNext());
        commands.add(Command.of("From the list to the sheet, and back", "F6", () -> nextPane.run())
                .called("next pane, keyboard, focus"));
        commands.add(trySelected());
        commands.add(Command.of("Send everything that is not proven", practice::sendAllUnproven));
        commands.add(Command.of("Stop sending", practice::stop));
        return commands;
    }

    /// Makes the selected point active, or puts it back.
    Command trySelected() {
        return Command.of(
                "Try the selected point",
                "Shortcut+Space",
                () -> practice.toggle(openJob.now().selected()));
    }

    /// Says how another sheet of the open stop is laid on top, and how all that is not done is listed.
    void does(IntConsumer turning, Runnable listing, Runnable pane) {
        nextPane = pane;
        turn = turning;
        next = listing;
    }

    /// The sheet after the one that lies on top.
    Command nextSheet() {
        return Command.of("Next sheet", "Shortcut+Page Down", () -> turn.accept(1))
                .called("next tab, page");
    }

    /// The sheet before the one that lies on top.
    Command previousSheet() {
        return Command.of("Previous sheet", "Shortcut+Page Up", () -> turn.accept(-1))
                .called("back, previous tab, page");
    }

    /// All that is not done, in the order of work.
    Command whatIsNext() {
        return Command.of("What is next", "Shortcut+J", () -> next.run())
                .called("to do, todo, unfinished, open tasks, snag list, findings, errors, remaining, next");
    }

    List<Command> all() {
        List<Command> all = new ArrayList<>(onJob());
        all.addAll(anywhere());
        return all;
    }

    /// What needs an open job.
    List<Command> onJob() {
        List<Command> all = new ArrayList<>(work());
        all.addAll(survey);
        all.addAll(save());
        all.addAll(List.of(undo(), redo(), stopComputing(), copyChain()));
        return all;
    }

    /// What can be done without one, too.
    List<Command> anywhere() {
        List<Command> all = new ArrayList<>(enter());
        all.addAll(view());
        all.addAll(leave());
        return all;
    }

    private void resize(int percent) {
        look.textPercent().set(Math.clamp(look.textPercent().get() + percent, 100, 150));
    }

    private void open() {
        files.toRead("Open a job", SORTS).ifPresent(keeper::open);
    }

    private void saveJob() {
        if (!keeper.save()) {
            saveAs();
        }
    }

    private void saveAs() {
        String name = openJob.now()
                .file()
                .map(file -> file.getFileName().toString())
                .orElseGet(() -> fileName(openJob.now().job().site().name()) + JobFile.ENDING);
        files.toWrite("Save the job as", name, JOBS).ifPresent(keeper::saveAs);
    }

    /// A site's name without what a file's name may not have.
    private static String fileName(String site) {
        String plain = site.replaceAll("[\\\\/:*?\"<>|\\p{Cc}]", " ").strip();
        return plain.isEmpty() ? "job" : plain;
    }

    private void copySelectedChain() {
        StringBuilder text = new StringBuilder();
        openJob.now()
                .point()
                .chain()
                .links()
                .forEach(link -> text.append("%s\t%s\t%s\t%s\n"
                        .formatted(
                                link.link().title(),
                                link.figure(),
                                link.line(),
                                link.mark().word())));
        toClipboard(text.toString());
        openJob.tell("The chain of " + openJob.now().point().name() + " is on the clipboard.");
    }

    private static void toClipboard(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }
}
