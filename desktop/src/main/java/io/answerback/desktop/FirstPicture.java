package io.answerback.desktop;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;

/// Says when the first picture of a window is up, for measuring how long a start takes.
public final class FirstPicture {
    private FirstPicture() {}

    /// When the system property `answerback.startedAt` says when the process was started, in milliseconds since
    /// 1970: once the stage has been shown and one picture of it has been drawn, prints the milliseconds since
    /// then to standard error and leaves. The start time that the system keeps for a process is not used: on
    /// Linux it can be wrong by as much as a second.
    public static void reportIfAsked(Stage stage) {
        Long startedAt = Long.getLong("answerback.startedAt");
        if (startedAt != null) {
            stage.setOnShown(shown -> new Reporter(startedAt).start());
        }
    }

    /// The second pulse begins when the picture of the first is done.
    private static final class Reporter extends AnimationTimer {
        private final long startedAtMillis;
        private int pulses;

        private Reporter(long startedAtMillis) {
            this.startedAtMillis = startedAtMillis;
        }

        @Override
        public void handle(long now) {
            if (++pulses < 2) {
                return;
            }
            stop();
            System.err.println("painted after " + (System.currentTimeMillis() - startedAtMillis) + " ms");
            Platform.exit();
        }
    }
}
