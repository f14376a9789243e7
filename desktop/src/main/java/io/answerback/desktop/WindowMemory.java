package io.answerback.desktop;

import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.DialogFolder;
import io.answerback.desktop.work.Engineer;
import io.answerback.files.DiskWords;
import io.answerback.files.folder.Remembered;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// What a window remembers between starts: its place, its look, and the jobs that were opened last.
final class WindowMemory {
    private static final double LEAST_WIDTH = 1100;
    private static final double LEAST_HEIGHT = 700;
    private static final Logger LOG = LoggerFactory.getLogger(WindowMemory.class);

    private final Path folder;
    private Remembered remembered;

    /// @param folder where it is kept
    /// @param remembered what was kept at the last end
    WindowMemory(Path folder, Remembered remembered) {
        this.folder = folder;
        this.remembered = remembered;
    }

    /// The jobs that were opened last, newest first.
    List<String> recent() {
        return remembered.recent();
    }

    /// A job was opened; kept at the end.
    void opened(Path file) {
        remembered = remembered.opened(file);
        keep();
    }

    /// Where file dialogs begin.
    ///
    /// @param jobFile the file of the open job; empty while it has none
    DialogFolder dialogs(Supplier<Optional<Path>> jobFile) {
        Optional<Path> last =
                remembered.folder().isBlank() ? Optional.empty() : Optional.of(Path.of(remembered.folder()));
        return new DialogFolder(jobFile, last, folder -> remembered = remembered.folder(folder));
    }

    /// Who works at this computer.
    Engineer engineer() {
        return new Engineer(remembered.person(), name -> {
            remembered = remembered.person(name);
            keep();
        });
    }

    /// Gives a look what was remembered of it.
    void dress(Look look) {
        look.dark().set(remembered.dark());
        look.textPercent().set(remembered.textPercent());
    }

    /// Gives a stage its title and its scene, and puts it where it was; one that was never shown stays as it
    /// is.
    void dress(Stage stage, Scene scene) {
        stage.setTitle("Answerback");
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        stage.setScene(scene);
        if (remembered.width() > 0) {
            stage.setX(remembered.x());
            stage.setY(remembered.y());
            stage.setWidth(remembered.width());
            stage.setHeight(remembered.height());
        }
    }

    /// Notes where a stage is and how it looks, and keeps everything.
    void keep(Stage stage, Look look) {
        remembered = remembered
                .window(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight())
                .look(look.dark().get(), look.textPercent().get());
        keep();
    }

    /// Keeps what is remembered.
    void keep() {
        try {
            remembered.save(folder);
        } catch (IOException failed) {
            LOG.warn("The window's state cannot be kept: {}", DiskWords.of(failed));
        }
    }
}
