package io.answerback.desktop.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;

/// A stopwatch beside a time of day that may jump.
class StopwatchTest {
    private long millis = 5_000;
    private Instant day = Instant.parse("2026-06-02T10:00:00Z");
    private final Stopwatch stopwatch = new Stopwatch(() -> millis, () -> day);

    private void pass(long steady, long byDay) {
        millis += steady;
        day = day.plusMillis(byDay);
    }

    @Test
    void itMeasuresByTheClockThatNeverJumps() {
        stopwatch.start();
        pass(12_400, 12_700);
        assertThat(stopwatch.seconds()).isEqualTo(12.4);
        stopwatch.stop();
        pass(60_000, 60_000);
        assertThat(stopwatch.measured()).hasValue(12.4);
        assertThat(stopwatch.doubtful()).isFalse();
    }

    @Test
    void nothingIsKeptWhereTheComputerSleptOrItsClockWasSet() {
        stopwatch.start();
        pass(4_000, 300_000);
        stopwatch.stop();
        assertThat(stopwatch.measured()).isEmpty();
        assertThat(stopwatch.doubtful()).isTrue();
        stopwatch.start();
        pass(8_000, -3_600_000);
        stopwatch.stop();
        assertThat(stopwatch.measured()).isEmpty();
        stopwatch.start();
        pass(8_000, 8_000);
        stopwatch.stop();
        assertThat(stopwatch.measured()).hasValue(8);
        assertThat(stopwatch.doubtful()).isFalse();
    }
}
