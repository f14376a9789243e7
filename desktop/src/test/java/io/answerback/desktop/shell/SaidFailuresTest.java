package io.answerback.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/// Nothing fails unsaid, whatever thread it fails on.
class SaidFailuresTest {
    @Test
    void aFailureOfAnotherThreadIsSaidInTheWindow() throws Exception {
        List<String> said = new ArrayList<>();
        Thread.UncaughtExceptionHandler handler = new SaidFailures(Runnable::run, said::add);
        var threads = Thread.ofVirtual().uncaughtExceptionHandler(handler);
        threads.start(() -> {
                    throw new IllegalStateException("of the station");
                })
                .join();
        threads.start(() -> {
                    throw new OutOfMemoryError("Java heap space");
                })
                .join();
        assertThat(said).hasSize(2);
        assertThat(said.getFirst())
                .startsWith("Something failed inside Answerback")
                .doesNotContain("station");
        assertThat(said.getLast()).startsWith("There was not enough memory");
    }
}
