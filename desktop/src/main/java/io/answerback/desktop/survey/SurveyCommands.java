package io.answerback.desktop.survey;

import io.answerback.core.model.site.Job;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.desktop.shell.Command;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.exchange.PointCsv;
import java.nio.file.Path;
import java.util.List;

/// What can be done to the list of points from anywhere.
public final class SurveyCommands {
    private static final List<FileQuestions.Sort> TABLES = List.of(
            new FileQuestions.Sort("Tables", List.of("*.csv", "*.txt", "*.tsv")),
            new FileQuestions.Sort("All files", "*"));

    private final FileQuestions files;
    private final Actions actions;
    private final Background background;
    private final TableImport table;
    private final PointCommands points;
    private final Runnable typePoint;

    /// The commands of one window.
    ///
    /// @param typePoint opens the rooms and puts the cursor into the line for points
    public SurveyCommands(
            FileQuestions files, Actions actions, Background background, TableImport table, Runnable typePoint) {
        this.files = files;
        this.actions = actions;
        this.background = background;
        this.table = table;
        this.points = new PointCommands(actions);
        this.typePoint = typePoint;
    }

    /// All of them.
    public List<Command> all() {
        return List.of(
                Command.of("Type a point", "Shortcut+T", typePoint),
                Command.of("Bring in a table of points", "Shortcut+I", this::choose),
                Command.of("Write the points as a table", "Shortcut+E", this::export),
                Command.of("Copy the selected point", "Shortcut+Shift+D", points::duplicate),
                Command.of("Move the picked points up", "Alt+Up", () -> points.move(-1)),
                Command.of("Move the picked points down", "Alt+Down", () -> points.move(1)),
                Command.of("Remove the picked points", "Shortcut+Delete", points::remove),
                Command.of("Pick every point", "Shortcut+A", points::pickAll),
                Command.of("Number all points anew", points::renumberAll),
                Command.of("Wire the picked points as the rules say", "Shortcut+Shift+R", points::asTheRulesSay)
                        .called("scheme, house rules, default loop, bulk"),
                Command.of("Give every point its input", () -> actions.apply(CapacityEdits.giveInputs())));
    }

    private void choose() {
        files.toRead("Bring in a table of points", TABLES).ifPresent(this::read);
    }

    /// Opens a table of points on the survey bench.
    public void read(Path file) {
        actions.open(SurveySheet.ROOMS);
        table.read(file);
    }

    private void export() {
        String name = actions.now().job().site().name() + " points.csv";
        files.toWrite("Write the points as a table", name, TABLES).ifPresent(this::write);
    }

    /// Writes the points of the open job as a table.
    public void write(Path file) {
        Job job = actions.now().job();
        background.run(
                () -> {
                    PointCsv.write(file, job);
                    return file;
                },
                written -> actions.tell(
                        "%d points are in %s.".formatted(job.points().size(), written)));
    }
}
