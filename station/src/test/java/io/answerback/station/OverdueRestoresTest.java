package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class OverdueRestoresTest {
    private static final Instant NOON = Instant.parse("2026-05-12T12:00:00Z");
    private static final Signal ALARM = new Signal("7316", Qualifier.NEW, "130", 1, 5);
    private static final Signal ENDS = new Signal("7316", Qualifier.RESTORE, "130", 1, 5);
    private static final Signal OPENED = new Signal("7316", Qualifier.NEW, "401", 1, 1);

    private final OverdueRestores restores = new OverdueRestores(
            Duration.ofMinutes(30), signal -> !signal.event().startsWith("4"));

    @Test
    void anEventThatDoesNotEndIsSaidOnce() {
        restores.arrived(ALARM, NOON);
        restores.arrived(OPENED, NOON);
        assertThat(restores.overdue(NOON.plusSeconds(1800))).isEmpty();
        assertThat(restores.overdue(NOON.plusSeconds(1801))).containsExactly(ALARM);
        assertThat(restores.overdue(NOON.plusSeconds(9000))).isEmpty();
    }

    @Test
    void anEventThatEndedIsNotOverdue() {
        restores.arrived(ALARM, NOON);
        restores.arrived(ENDS, NOON.plusSeconds(60));
        assertThat(restores.overdue(NOON.plusSeconds(9000))).isEmpty();
    }
}
