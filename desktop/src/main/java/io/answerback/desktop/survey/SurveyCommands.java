package io.answerback.desktop.survey;

import io.answerback.core.capacity.CapacityEdits;
import io.answerback.core.site.Job;
import io.answerback.desktop.shell.Command;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.PointCsv;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/// What can be done to the list of points from anywhere.
public final class SurveyCommands {
    private final Stage stage;
    private final OpenJob openJob;
    private final Background background;
    private final TableImport table;
    private final PointCommands points;
    private final Runnable typePoint;

    /// The commands of one window.
    ///
    /// @param typePoint opens the rooms and puts the cursor into the line for points
    public SurveyCommands(Stage stage, OpenJob openJob, Background background, TableImport table, Runnable typePoint) {
        this.stage = stage;
        this.openJob = openJob;
        this.background = background;
        this.table = table;
        this.points = new PointCommands(openJob);
        this.typePoint = typePoint;
    }

    /// All of them.
    public List<Command> all() {
        List<Command> all = new ArrayList<>(List.of(
                Command.of("Type a point", "Shortcut+T", typePoint),
                Command.of("Bring in a table of points", "Shortcut+I", this::choose),
                Command.of("Write the points as a table", "Shortcut+E", this::export),
                Command.of("Copy the selected point", "Shortcut+Shift+D", points::duplicate),
                Command.of("Move the picked points up", "Alt+Up", () -> points.move(-1)),
                Command.of("Move the picked points down", "Alt+Down", () -> points.move(1)),
                Command.of("Remove the picked points", "Shortcut+Delete", points::remove),
                Command.of("Pick every point", "Shortcut+A", points::pickAll),
                Command.of("Number all points anew", points::renumberAll),
                Command.of("Give every point its input", () -> openJob.apply(CapacityEdits.giveInputs()))));
        for (SurveySheet sheet : SurveySheet.values()) {
            all.add(Command.of("Open the sheet " + sheet.title(), () -> openJob.open(sheet)));
        }
        return all;
    }

    private void choose() {
        File file = chooser("Bring in a table of points").showOpenDialog(stage);
        if (file != null) {
            read(file.toPath());
        }
    }

    /// Opens a table of points on the survey bench.
    public void read(Path file) {
        openJob.open(SurveySheet.ROOMS);
        table.read(file);
    }

    private void export() {
        FileChooser chooser = chooser("Write the points as a table");
        chooser.setInitialFileName(openJob.now().job().site().name() + " points.csv");
        File file = chooser.showSaveDialog(stage);
        if (file != null) {
            write(file.toPath());
        }
    }

    /// Writes the points of the open job as a table.
    public void write(Path file) {
        Job job = openJob.now().job();
        background.run(
                () -> {
                    PointCsv.write(file, job);
                    return file;
                },
                written -> openJob.tell(
                        "%d points are in %s.".formatted(job.points().size(), written)));
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter("Tables", "*.csv", "*.txt", "*.tsv"),
                        new FileChooser.ExtensionFilter("All files", "*"));
        return chooser;
    }
}
