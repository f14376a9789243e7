package io.answerback.desktop.shots;

import io.answerback.check.Stop;
import io.answerback.desktop.Opened;
import io.answerback.desktop.Opening;
import io.answerback.desktop.Workplace;
import io.answerback.loop.CableState;
import io.answerback.loop.DeviceState;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;

/// Opens each main view with demo data and writes a picture of it. Its parameters are the folder, the width,
/// the height, the size of text in percent, and `light` or `dark`.
public final class Shots extends Application {
    private static final int ANSWER_SECONDS = 20;

    private Workplace workplace;
    private Stage stage;
    private Path folder;

    @Override
    public void start(Stage shown) throws Exception {
        stage = shown;
        List<String> what = getParameters().getRaw();
        folder = Files.createDirectories(Path.of(what.getFirst()));
        Path scratch = Files.createTempDirectory("answerback-shots");
        workplace = new Workplace(
                stage, Opened.read(new Opening.Demo(1), scratch), scratch, InstantSource.system(), 0, Duration.ZERO);
        stage.setWidth(Double.parseDouble(what.get(1)));
        stage.setHeight(Double.parseDouble(what.get(2)));
        workplace.look().textPercent().set(Integer.parseInt(what.get(3)));
        workplace.look().dark().set(what.get(4).equals("dark"));
        workplace.show();
        Thread.ofVirtual().start(this::takeAll);
    }

    private void takeAll() {
        try {
            take("loop", () -> {
                workplace.desk().select("07");
                workplace.desk().go(Stop.LOOP);
            });
            take("loop-damp", () -> workplace.desk().switchTo(DeviceState.ACTIVE, CableState.DAMP));
            send("08");
            send("17");
            take("report", () -> {
                workplace.desk().select("17");
                workplace.desk().go(Stop.REPORT);
            });
            take("report-zone-off", () -> workplace.desk().select("15"));
            take("prove", () -> {
                workplace.desk().select("09");
                workplace.desk().go(Stop.PROVE);
            });
        } catch (Exception failed) {
            System.err.println("The pictures could not be taken: " + failed);
        } finally {
            Platform.exit();
        }
    }

    private void send(String point) throws Exception {
        CompletableFuture<Void> answered = new CompletableFuture<>();
        Platform.runLater(() -> {
            workplace
                    .practice()
                    .run()
                    .subscribe(run -> run.filter(its -> its.pointId().equals(point))
                            .filter(its -> !its.travelling() && its.links().size() == 7)
                            .ifPresent(its -> answered.complete(null)));
            workplace.practice().toggle(point);
        });
        answered.get(ANSWER_SECONDS, TimeUnit.SECONDS);
    }

    private void take(String name, Runnable prepare) throws Exception {
        CompletableFuture<WritableImage> picture = new CompletableFuture<>();
        Platform.runLater(prepare);
        settle(3, () -> picture.complete(stage.getScene().snapshot(null)));
        write(
                picture.get(ANSWER_SECONDS, TimeUnit.SECONDS),
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

    @Override
    public void stop() {
        workplace.close();
    }
}
