package io.answerback.desktop;

import java.time.Duration;
import java.time.Instant;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;

/// Says when the first picture of a window is up, for measuring how long a start takes.
public final class FirstPicture {
    private FirstPicture() {}

    /// When the system property `answerback.measureStart` is true: once the stage has been shown and one
    /// picture of it has been drawn, prints the milliseconds since the process began to standard error and
    /// leaves.
    public static void reportIfAsked(Stage stage) {
        if (Boolean.getBoolean("answerback.measureStart")) {
            stage.setOnShown(shown -> new Reporter().start());
        }
    }

    /// The second pulse begins when the picture of the first is done.
    private static final class Reporter extends AnimationTimer {
        private int pulses;

        @Override
        public void handle(long now) {
            if (++pulses < 2) {
                return;
            }
            stop();
            Instant began = ProcessHandle.current().info().startInstant().orElse(Instant.now());
            System.err.println(
                    "painted after " + Duration.between(began, Instant.now()).toMillis() + " ms");
            Platform.exit();
        }
    }
}
