package io.answerback.desktop.shots;

import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javax.imageio.ImageIO;

/// Takes pictures of a window and of sheets of parts, off the window's thread.
final class Camera {
    private static final int LONGEST_SECONDS = 20;

    private final Stage stage;
    private final Background background;
    private final Path folder;

    /// @param folder where the pictures go
    Camera(Stage stage, Background background, Path folder) {
        this.stage = stage;
        this.background = background;
        this.folder = folder;
    }

    /// Takes a picture of parts on a page of their own, as high as they need.
    void page(String name, Look look, List<Part> parts) throws Exception {
        CompletableFuture<WritableImage> picture = new CompletableFuture<>();
        Platform.runLater(() -> {
            PartPane pane = new PartPane(look, "sheet", "parts-page");
            pane.show(parts);
            StackPane root = new StackPane(pane);
            root.getStyleClass().add("window");
            Scene scene = new Scene(
                    root, stage.getScene().getWidth(), stage.getScene().getHeight());
            look.dress(scene);
            root.applyCss();
            root.layout();
            pane.show(parts);
            root.applyCss();
            root.layout();
            picture.complete(scene.snapshot(null));
        });
        write(
                picture.get(LONGEST_SECONDS, TimeUnit.SECONDS),
                folder.resolve(name + ".png").toFile());
    }

    /// Does something on the JavaFX thread, and waits until what follows from it is read, written and computed.
    void onWindow(Runnable action) throws Exception {
        CompletableFuture<Void> done = new CompletableFuture<>();
        Platform.runLater(() -> {
            action.run();
            background.run(
                    () -> null,
                    read -> settle(
                            2, () -> background.compute(() -> null, computed -> settle(2, () -> done.complete(null)))));
        });
        done.get(LONGEST_SECONDS, TimeUnit.SECONDS);
    }

    /// Takes a picture of the window once everything that was asked for is shown.
    void take(String name, Runnable prepare) throws Exception {
        CompletableFuture<WritableImage> picture = new CompletableFuture<>();
        onWindow(prepare);
        onWindow(() -> {});
        settle(3, () -> picture.complete(stage.getScene().snapshot(null)));
        write(
                picture.get(LONGEST_SECONDS, TimeUnit.SECONDS),
                folder.resolve(name + ".png").toFile());
    }

    /// Lets a few pulses pass, so that every drawing has got its width.
    private void settle(int pulses, Runnable then) {
        Platform.runLater(() -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            if (pulses == 0) {
                then.run();
            } else {
                settle(pulses - 1, then);
            }
        });
    }

    private static void write(WritableImage image, File file) throws IOException {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, image.getPixelReader().getArgb(x, y));
            }
        }
        ImageIO.write(copy, "png", file);
    }
}
