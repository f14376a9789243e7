package io.answerback.desktop.live;

import java.util.function.LongConsumer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.util.Duration;

/// Lets time pass for a practice panel, as fast as somebody likes. Used on the JavaFX thread.
public final class PanelClock implements AutoCloseable {
    private static final long TICK_MILLIS = 200;

    private final LongConsumer passes;
    private Timeline timeline;
    private int speed;

    /// A clock that stands.
    ///
    /// @param passes told how many milliseconds have passed
    public PanelClock(LongConsumer passes) {
        this.passes = passes;
    }

    /// How many times as fast as real time it runs; 0 while it stands.
    public int speed() {
        return speed;
    }

    /// Runs at another speed; 0 stops it.
    public void run(int other) {
        speed = other;
        if (speed == 0) {
            close();
        } else if (timeline == null) {
            timeline = new Timeline(
                    new KeyFrame(Duration.millis(TICK_MILLIS), tick -> passes.accept(TICK_MILLIS * speed)));
            timeline.setCycleCount(Timeline.INDEFINITE);
            timeline.play();
        }
    }

    @Override
    public void close() {
        if (timeline != null) {
            timeline.stop();
            timeline = null;
        }
        speed = 0;
    }
}
