package io.answerback.benchmarks;

import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.desktop.ApplicationWindow;
import io.answerback.desktop.Opened;
import io.answerback.desktop.Opening;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Arrays;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.Slider;
import javafx.stage.Stage;

/// Drags a slider on the loop bench and then one on the power bench, one move a frame, and prints how long each
/// frame took from the move to the end of layout.
public final class SlideWindow extends Application {
    private static final int WARM_UP = 100;
    private static final int MOVES = 300;

    private ApplicationWindow application;

    /// Starts it.
    public static void main(String[] arguments) {
        launch(arguments);
    }

    @Override
    public void start(Stage stage) throws Exception {
        Path scratch = Files.createTempDirectory("answerback-slide");
        application = new ApplicationWindow(
                stage, Opened.read(new Opening.Demo(1), scratch), scratch, InstantSource.system(), 0, Duration.ZERO);
        application.show();
        application.openJob().select(new PointId("07"));
        application.openJob().go(Stop.LOOP);
        new Dragging(stage, "loop", ".margin-slider", () -> {
                    application.openJob().go(Stop.POWER);
                    new Dragging(stage, "battery", ".what-if-slider", Platform::exit).start();
                })
                .start();
    }

    private static final class Dragging extends AnimationTimer {
        private final Stage stage;
        private final String name;
        private final String style;
        private final Runnable then;
        private final double[] millis = new double[MOVES];
        private int frame;

        Dragging(Stage stage, String name, String style, Runnable then) {
            this.stage = stage;
            this.name = name;
            this.style = style;
            this.then = then;
        }

        @Override
        public void handle(long now) {
            if (!(stage.getScene().lookup(style) instanceof Slider slider)) {
                return;
            }
            long from = System.nanoTime();
            slider.setValue(slider.getMin() + (slider.getMax() - slider.getMin()) * (frame % 100) / 100.0);
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            double took = (System.nanoTime() - from) / 1e6;
            if (frame >= WARM_UP) {
                millis[frame - WARM_UP] = took;
            }
            if (++frame == WARM_UP + MOVES) {
                stop();
                Arrays.sort(millis);
                System.out.printf(
                        "a move of the %s slider: median %.1f ms, 95 %% below %.1f ms, most %.1f ms%n",
                        name, millis[MOVES / 2], millis[MOVES * 95 / 100], millis[MOVES - 1]);
                then.run();
            }
        }
    }

    @Override
    public void stop() {
        application.close();
    }
}
