package io.answerback.desktop.work;

import io.answerback.files.BrokenFile;
import io.answerback.files.DiskWords;
import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Reads and writes files off the JavaFX thread, one thing after another, and comes back to it with the result
/// or with what went wrong in one line. Long calculations have a thread of their own, so that no file waits
/// behind them.
public final class Background implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Background.class);

    private final ExecutorService thread;
    private final ExecutorService calculations;
    private final Executor window;
    private final Executor aside;
    private final Consumer<String> tell;

    /// Threads for files and for calculations.
    ///
    /// @param tell told what went wrong, on the JavaFX thread
    public Background(Consumer<String> tell) {
        this(
                tell,
                OwnThread.named("files"),
                OwnThread.named("calculations"),
                Platform::runLater,
                task -> Thread.ofPlatform().daemon().name("aside").start(task));
    }

    /// The same on other threads.
    ///
    /// @param window comes back to whoever asked
    /// @param aside does what goes on until it is stopped
    public Background(
            Consumer<String> tell,
            ExecutorService thread,
            ExecutorService calculations,
            Executor window,
            Executor aside) {
        this.aside = aside;
        this.tell = tell;
        this.thread = thread;
        this.calculations = calculations;
        this.window = window;
    }

    /// Does work with files, and then something with its result on the JavaFX thread.
    public <T> void run(Callable<T> work, Consumer<T> then) {
        run(work, then, tell);
    }

    /// The same, with another one to be told what went wrong.
    public <T> void run(Callable<T> work, Consumer<T> then, Consumer<String> wrong) {
        on(thread, work, then, wrong);
    }

    /// Does a long calculation, and then something with its result on the JavaFX thread. It is given up when
    /// this closes.
    public <T> void compute(Callable<T> work, Consumer<T> then) {
        on(calculations, work, then, tell);
    }

    /// Does something that goes on until it is stopped from outside, on a thread of its own that does not
    /// keep the program running.
    public <T> void aside(Callable<T> work, Consumer<T> then) {
        on(aside, work, then, tell);
    }

    /// Comes back to the window from work that goes on.
    public void show(Runnable what) {
        window.execute(what);
    }

    private <T> void on(Executor where, Callable<T> work, Consumer<T> then, Consumer<String> wrong) {
        if (closed()) {
            return;
        }
        where.execute(() -> {
            try {
                T result = work.call();
                window.execute(() -> then.accept(result));
            } catch (BrokenFile refused) {
                window.execute(() -> wrong.accept(refused.getMessage()));
            } catch (IOException failed) {
                window.execute(() -> wrong.accept("The disk refused: " + DiskWords.of(failed)
                        + ". Nothing was lost; choose another place with Save as."));
            } catch (CancellationException closing) {
                LOG.debug("Given up: {}", closing.getMessage());
            } catch (OutOfMemoryError full) {
                window.execute(
                        () -> wrong.accept(
                                "There is not enough memory for that, and nothing was changed. Close other jobs, or choose a smaller file."));
            } catch (Exception | StackOverflowError unexpected) {
                LOG.error("Reading or writing a file failed", unexpected);
                window.execute(
                        () -> wrong.accept(
                                "That failed inside Answerback, and nothing was changed. The log says more; please report it."));
            }
        });
    }

    /// Does work with files of which nobody needs to hear.
    public void quietly(Runnable work) {
        thread.execute(work);
    }

    /// Whether it takes no more work.
    public boolean closed() {
        return thread.isShutdown();
    }

    /// Waits until everything is done, and takes no more.
    @Override
    public void close() {
        Future<?> last = thread.submit(() -> {});
        try {
            last.get();
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException impossible) {
            LOG.error("Closing", impossible);
        }
        thread.shutdown();
        calculations.shutdownNow();
    }
}
