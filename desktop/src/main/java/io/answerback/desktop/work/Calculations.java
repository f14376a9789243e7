package io.answerback.desktop.work;

import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/// Computes on a thread of its own. The latest request wins: one that is still running is cancelled, and its
/// result is not shown. What is ready within part of a frame is shown at once, so that the window does not
/// flicker; all else is shown when it is ready. Used on the JavaFX thread.
final class Calculations implements AutoCloseable {
    /// Well under the 16.7 ms of a frame.
    private static final Duration PART_OF_A_FRAME = Duration.ofMillis(8);
    private static final Duration NOTICEABLE = Duration.ofMillis(100);

    private final ExecutorService thread = OwnThread.named("assessment");
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
    private Duration patience = PART_OF_A_FRAME;
    private Future<?> running = CompletableFuture.completedFuture(null);
    private PauseTransition slow;
    private long asked;

    /// Whether something has been computed for so long that somebody may notice.
    ReadOnlyBooleanProperty busy() {
        return busy.getReadOnlyProperty();
    }

    /// How long a result is waited for before the window goes on without it.
    void waitUpTo(Duration longest) {
        patience = longest;
    }

    /// Computes something in place of what was asked before.
    ///
    /// @param then told the result, on the JavaFX thread; not told when another request takes its place
    /// @param failed told what went wrong instead
    <T> void compute(Supplier<T> calculation, Consumer<T> then, Consumer<Throwable> failed) {
        stop();
        long mine = asked;
        CompletableFuture<T> result = new CompletableFuture<>();
        running = thread.submit(() -> {
            try {
                result.complete(calculation.get());
            } catch (RuntimeException | Error broken) {
                result.completeExceptionally(broken);
            }
        });
        if (!inTime(result)) {
            showBusySoon();
            result.whenComplete((value, broken) -> Platform.runLater(() -> {
                if (mine == asked) {
                    end(value, broken, then, failed);
                }
            }));
        } else if (result.isCompletedExceptionally()) {
            end(null, result.exceptionNow(), then, failed);
        } else {
            end(result.resultNow(), null, then, failed);
        }
    }

    private boolean inTime(CompletableFuture<?> result) {
        if (patience.isZero()) {
            return false;
        }
        try {
            result.get(patience.toNanos(), TimeUnit.NANOSECONDS);
            return true;
        } catch (ExecutionException failed) {
            return true;
        } catch (TimeoutException late) {
            return false;
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private <T> void end(T value, Throwable broken, Consumer<T> then, Consumer<Throwable> failed) {
        notBusy();
        if (broken == null) {
            then.accept(value);
        } else {
            failed.accept(broken);
        }
    }

    private void showBusySoon() {
        slow = new PauseTransition(javafx.util.Duration.millis(NOTICEABLE.toMillis()));
        slow.setOnFinished(end -> busy.set(true));
        slow.play();
    }

    private void notBusy() {
        if (slow != null) {
            slow.stop();
            slow = null;
        }
        busy.set(false);
    }

    /// Gives up what is being computed; nobody is told of it.
    void stop() {
        asked++;
        running.cancel(true);
        notBusy();
    }

    @Override
    public void close() {
        stop();
        thread.shutdownNow();
    }
}
