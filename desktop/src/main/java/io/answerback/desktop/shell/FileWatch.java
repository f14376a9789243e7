package io.answerback.desktop.shell;

import io.answerback.desktop.work.Background;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.util.Duration;

/// Looks once a second whether a file has been changed, off the JavaFX thread. Folders on a network tell nobody
/// of their changes, so it has to look.
final class FileWatch {
    private static final Duration EVERY = Duration.seconds(1);

    private final Background background;
    private final Supplier<Path> file;
    private final Consumer<Path> changed;
    private final Timeline clock = new Timeline(new KeyFrame(EVERY, tick -> look()));
    private String last = "";
    private boolean looking;

    /// @param file the file that is open; null for none
    /// @param changed told, on the JavaFX thread, of a file whose time or size is another than when it was seen
    ///     last
    FileWatch(Background background, Supplier<Path> file, Consumer<Path> changed) {
        this.background = background;
        this.file = file;
        this.changed = changed;
        clock.setCycleCount(Animation.INDEFINITE);
    }

    void start() {
        clock.play();
    }

    void stop() {
        clock.stop();
    }

    /// Looks now.
    void look() {
        Path now = file.get();
        if (now == null || looking || background.closed()) {
            return;
        }
        looking = true;
        background.quietly(() -> {
            String seen = seen(now);
            Platform.runLater(() -> {
                looking = false;
                if (!seen.equals(last)) {
                    last = seen;
                    changed.accept(now);
                }
            });
        });
    }

    private static String seen(Path file) {
        try {
            return "%s %s %d".formatted(file, Files.getLastModifiedTime(file), Files.size(file));
        } catch (IOException gone) {
            return file + " is not there";
        }
    }
}
