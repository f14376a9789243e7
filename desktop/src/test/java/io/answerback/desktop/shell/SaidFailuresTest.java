package io.answerback.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;

/// Nothing fails unsaid, whatever thread it fails on.
class SaidFailuresTest {
    @Test
    void aFailureOfAnotherThreadIsSaidInTheWindow() throws Exception {
        List<String> said = new ArrayList<>();
        Thread.UncaughtExceptionHandler handler = new SaidFailures(Runnable::run, said::add);
        var factory = Thread.ofVirtual().uncaughtExceptionHandler(handler).factory();
        try (var worker = Executors.newSingleThreadExecutor(factory)) {
            worker.execute(() -> {
                throw new IllegalStateException("of the station");
            });
            worker.execute(() -> {
                throw new OutOfMemoryError("Java heap space");
            });
        }
        assertThat(said).hasSize(2);
        assertThat(said.getFirst())
                .startsWith("Something failed inside Answerback")
                .doesNotContain("station");
        assertThat(said.getLast()).startsWith("There was not enough memory");
    }
}
