package io.answerback.desktop.shell;

import io.answerback.core.model.shown.OnTest;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/// Says in the head of the window that the account is on test, and until when; with an edge from ten minutes
/// before its end.
final class OnTestLabel extends Label {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final PseudoClass SOON = PseudoClass.getPseudoClass("soon");
    private static final Duration AGAIN = Duration.seconds(20);

    private final InstantSource clock;
    private final Timeline ticks = new Timeline(new KeyFrame(AGAIN, tick -> show()));
    private Optional<OnTest> onTest = Optional.empty();

    OnTestLabel(InstantSource clock) {
        this.clock = clock;
        getStyleClass().add("on-test");
        setMinWidth(Region.USE_PREF_SIZE);
        ticks.setCycleCount(Timeline.INDEFINITE);
        show();
    }

    /// Looks at a job; time is watched only while its account is on test.
    void show(Optional<OnTest> other) {
        if (!other.equals(onTest)) {
            onTest = other;
            if (other.isPresent()) {
                ticks.play();
            } else {
                ticks.stop();
            }
        }
        show();
    }

    private void show() {
        setVisible(onTest.isPresent());
        setManaged(onTest.isPresent());
        onTest.ifPresent(its -> {
            Instant now = clock.instant();
            String at = TIME.format(its.until().atZone(ZoneId.systemDefault()));
            setText(its.over(now) ? "Test ended " + at : "On test until " + at);
            pseudoClassStateChanged(SOON, its.endsSoon(now));
        });
    }
}
