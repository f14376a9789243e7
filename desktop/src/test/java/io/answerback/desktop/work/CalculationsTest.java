package io.answerback.desktop.work;

import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class CalculationsTest {
    private final Calculations calculations = new Calculations();
    private final List<Object> told = new CopyOnWriteArrayList<>();
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch interrupted = new CountDownLatch(1);

    @AfterEach
    void close() {
        onScreen(calculations::close);
    }

    private static void onScreen(Runnable change) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, change);
    }

    /// What never ends unless it is given up.
    private String endless() {
        begun.countDown();
        try {
            new CountDownLatch(1).await();
        } catch (InterruptedException stopped) {
            interrupted.countDown();
        }
        return "endless";
    }

    @Test
    void whatIsReadyInTimeIsToldAtOnce() {
        calculations.waitUpTo(Duration.ofSeconds(10));
        onScreen(() -> {
            calculations.compute(() -> 42, told::add, told::add);
            assertThat(told).containsExactly(42);
        });
    }

    @Test
    void theLatestRequestWinsAndTheOlderOneIsGivenUp() throws Exception {
        calculations.waitUpTo(Duration.ZERO);
        onScreen(() -> calculations.compute(this::endless, told::add, told::add));
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        onScreen(() -> calculations.compute(() -> "second", told::add, told::add));
        until(() -> told.contains("second"));
        assertThat(interrupted.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(told).containsExactly("second");
    }

    @Test
    void whatTakesLongIsSaidAndCanBeStopped() throws Exception {
        onScreen(() -> calculations.compute(this::endless, told::add, told::add));
        until(() -> calculations.busy().get());
        onScreen(calculations::stop);
        assertThat(interrupted.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(calculations.busy().get()).isFalse();
        assertThat(told).isEmpty();
    }

    @Test
    void whatFailsIsTold() {
        onScreen(() -> calculations.compute(
                () -> {
                    throw new IllegalStateException("broken");
                },
                told::add,
                told::add));
        until(() -> !told.isEmpty());
        assertThat(told)
                .singleElement()
                .isInstanceOfSatisfying(
                        IllegalStateException.class,
                        failed -> assertThat(failed).hasMessage("broken"));
    }
}
