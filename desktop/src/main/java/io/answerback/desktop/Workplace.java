package io.answerback.desktop;

import io.answerback.assess.Assessor;
import io.answerback.check.Stop;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.live.Practice;
import io.answerback.desktop.loop.LoopBench;
import io.answerback.desktop.prove.ProveBench;
import io.answerback.desktop.report.ReportBench;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.Commands;
import io.answerback.desktop.shell.JobKeeper;
import io.answerback.desktop.shell.MainWindow;
import io.answerback.desktop.theme.Look;
import io.answerback.files.JobDocument;
import io.answerback.files.Recovery;
import io.answerback.files.Remembered;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Map;
import java.util.function.Supplier;
import javafx.stage.Stage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// One window with everything behind it, put together and taken apart again.
public final class Workplace implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Workplace.class);
    private static final double LEAST_WIDTH = 1100;
    private static final double LEAST_HEIGHT = 700;

    private final Stage stage;
    private final Path folder;
    private final Desk desk;
    private final Practice practice;
    private final JobKeeper keeper;
    private final Look look = new Look();
    private final MainWindow window;
    private Remembered remembered;

    /// A window on a stage, not shown yet.
    ///
    /// @param opened what was read for it
    /// @param folder where the application keeps what it remembers
    /// @param port the port the practice station should listen on
    /// @param linkLight how long each link of the chain lights
    /// @throws IOException when the practice station cannot listen
    public Workplace(Stage stage, Opened opened, Path folder, InstantSource clock, int port, Duration linkLight)
            throws IOException {
        this.stage = stage;
        this.folder = folder;
        this.remembered = opened.remembered();
        JobDocument document = opened.document();
        this.desk = new Desk(
                new Assessor(opened.events()), opened.assessment(), opened.file(), JobKeeper.readOnly(document));
        this.practice = new Practice(desk, opened.events(), clock, port, linkLight, folder);
        this.keeper = new JobKeeper(desk, new Recovery(folder), document, opened.key(), this::opened);
        look.dark().set(remembered.dark());
        look.textPercent().set(remembered.textPercent());
        Commands commands = new Commands(stage, desk, keeper, practice, look);
        this.window = new MainWindow(
                desk, practice, look, commands, benches(opened, clock), keeper, () -> remembered.recent());
        dress();
    }

    private Map<Stop, Supplier<Bench>> benches(Opened opened, InstantSource clock) {
        return Map.of(
                Stop.LOOP, () -> new LoopBench(desk, look, opened.conductors()),
                Stop.REPORT, () -> new ReportBench(desk, opened.events(), clock, practice),
                Stop.PROVE, () -> new ProveBench(desk, practice, look));
    }

    private void dress() {
        stage.setTitle("Answerback");
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        stage.setScene(window.scene());
        if (remembered.width() > 0) {
            stage.setX(remembered.x());
            stage.setY(remembered.y());
            stage.setWidth(remembered.width());
            stage.setHeight(remembered.height());
        }
    }

    private void opened(Path file) {
        practice.reset();
        remembered = remembered.opened(file);
        remember();
    }

    /// What the window works on.
    public Desk desk() {
        return desk;
    }

    /// The practice run behind it.
    public Practice practice() {
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

    /// Shows the window.
    public void show() {
        if (desk.now().file().isPresent()) {
            remembered = remembered.opened(desk.now().file().get());
        }
        stage.show();
        window.focus();
    }

    private void remember() {
        try {
            remembered.save(folder);
        } catch (IOException failed) {
            LOG.warn("The window's state cannot be kept: {}", failed.getMessage());
        }
    }

    /// Remembers the window, keeps what is unsaved, and stops the practice station.
    @Override
    public void close() {
        remembered = remembered
                .window(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight())
                .look(look.dark().get(), look.textPercent().get());
        remember();
        practice.close();
        keeper.close();
    }
}
