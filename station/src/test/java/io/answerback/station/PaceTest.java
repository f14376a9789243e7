package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/// Whoever does not wait for answers is slowed down, each address by itself.
class PaceTest {
    private static final long SECOND = TimeUnit.SECONDS.toNanos(1);
    private final Pace pace = new Pace(10, 5);

    @Test
    void soManyComeAtOnceAndTheOthersOneAfterTheOther() {
        for (int i = 0; i <= 5; i++) {
            assertThat(pace.waits("a", 0)).isZero();
        }
        assertThat(pace.waits("a", 0)).isEqualTo(SECOND / 10);
        assertThat(pace.waits("a", 0)).isEqualTo(2 * SECOND / 10);
        assertThat(pace.waits("b", 0)).isZero();
        assertThat(pace.waits("a", 10 * SECOND)).isZero();
    }

    @Test
    void whatIsNotTakenCountsForNothing() {
        int taken = 0;
        for (int i = 0; i < 1000; i++) {
            taken += pace.takes("a", i * SECOND / 100) ? 1 : 0;
        }
        assertThat(taken).isBetween(100, 110);
    }

    /// A million addresses do not fill the memory.
    @Test
    void addressesThatAreDoneAreForgotten() {
        for (int i = 0; i < 50_000; i++) {
            assertThat(pace.waits("10." + i, i * SECOND)).isZero();
        }
    }
}
