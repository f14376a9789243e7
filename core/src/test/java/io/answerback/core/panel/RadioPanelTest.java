package io.answerback.core.panel;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.loop.radio.RadioEdits;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.SignalReading;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.testing.SmallRadio;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What a panel makes of what it hears by radio. It waits 60 minutes for a sign of life.
class RadioPanelTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");

    private final Job plan = SmallRadio.placed();
    private final String input = SmallRadio.input(plan, "12");

    private static String why(PanelStep step) {
        return ((Effect.Silent) step.effects().getLast()).why();
    }

    private PanelStep opens(Job job, PanelState state) {
        return new PanelReducer(job)
                .step(state, new PanelInput.InputReads(new InputId(input), Optional.of(Meaning.ALARM)), NOW);
    }

    @Test
    void aDeviceIsHeardUnderTheZoneItWasEnrolledAs() {
        assertThat(why(opens(plan, PanelState.allSet(plan))))
                .isEqualTo("the panel has not enrolled Panel · 6: it does not listen to it");
        Job job = RadioEdits.enrol(new InputId(input)).on(plan);
        assertThat(opens(job, PanelState.allSet(job)).signals())
                .as("the first to be enrolled is zone 41, whatever the plan says")
                .singleElement()
                .satisfies(signal -> assertThat(signal.zone()).isEqualTo(41));
    }

    @Test
    void aDeviceTooWeakIsNotHeard() {
        Job job = RadioEdits.heard(new SignalReading(new PointId("12"), -105, NOW))
                .on(RadioEdits.enrol(new InputId(input)).on(plan));
        assertThat(why(opens(job, PanelState.allSet(job)))).startsWith("heard at -105 dBm, below the -98 dBm");
    }

    @Test
    void aSilentDeviceIsMissedOnceAndReportedBackWhenItIsHeard() {
        Job job = RadioEdits.enrol(new InputId(input)).on(plan);
        PanelReducer panel = new PanelReducer(job);
        PanelState alive = panel.step(PanelState.unset(job), new PanelInput.SignOfLife(new InputId(input)), NOW)
                .state();
        Instant onTime = NOW.plus(Duration.ofMinutes(60));
        PanelStep patient = panel.step(alive, new PanelInput.TimePasses(), onTime);
        assertThat(patient.signals()).isEmpty();
        PanelStep missed = panel.step(patient.state(), new PanelInput.TimePasses(), onTime.plusSeconds(1));
        assertThat(missed.signals()).singleElement().satisfies(signal -> {
            assertThat(signal.event()).isEqualTo("381");
            assertThat(signal.zone()).isEqualTo(41);
            assertThat(signal.qualifier()).isEqualTo(Qualifier.NEW);
        });
        PanelStep later = panel.step(missed.state(), new PanelInput.TimePasses(), onTime.plusSeconds(9000));
        assertThat(later.signals()).as("once").isEmpty();
        PanelStep back =
                panel.step(later.state(), new PanelInput.SignOfLife(new InputId(input)), onTime.plusSeconds(9001));
        assertThat(back.signals()).singleElement().satisfies(signal -> {
            assertThat(signal.event()).isEqualTo("381");
            assertThat(signal.qualifier()).isEqualTo(Qualifier.RESTORE);
        });
    }
}
