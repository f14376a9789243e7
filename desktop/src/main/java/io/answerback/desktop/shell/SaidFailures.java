package io.answerback.desktop.shell;

import java.util.concurrent.Executor;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Says in the window what failed on any thread and was not expected there: nothing fails unsaid.
public final class SaidFailures implements Thread.UncaughtExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(SaidFailures.class);

    private final Executor window;
    private final Consumer<String> warn;

    /// @param window runs something on the window's thread
    /// @param warn shows what failed, there
    public SaidFailures(Executor window, Consumer<String> warn) {
        this.window = window;
        this.warn = warn;
    }

    @Override
    public void uncaughtException(Thread thread, Throwable failed) {
        LOG.error("On the thread {}", thread.getName(), failed);
        window.execute(() -> warn.accept(words(failed)));
    }

    /// What is said of a failure.
    static String words(Throwable failed) {
        return failed instanceof OutOfMemoryError
                ? "There was not enough memory for that, and it was not done. Save the job, and close what is not needed."
                : "Something failed inside Answerback and was not done. Save the job; the log says more, please report it.";
    }
}
