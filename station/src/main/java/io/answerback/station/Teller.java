package io.answerback.station;

import java.time.Duration;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.LongFunction;

/// Tells a listener what arrived, on a thread of its own: a log, a pipe or a window that is slow never delays
/// an answer. What there is no room for is lost and counted, and the listener is told how much that was.
final class Teller implements AutoCloseable {
    /// How long closing waits for a listener to take what was answered before.
    private static final Duration LAST_LINES = Duration.ofSeconds(1);

    private final AtomicLong lost = new AtomicLong();
    private final Consumer<Received> listener;
    private final LongFunction<Received> gap;
    private final ThreadPoolExecutor thread;

    /// @param most lines that may wait
    /// @param gap makes the line that says how many were lost
    Teller(int most, Consumer<Received> listener, LongFunction<Received> gap) {
        this.listener = listener;
        this.gap = gap;
        this.thread = new ThreadPoolExecutor(
                1,
                1,
                0,
                TimeUnit.SECONDS,
                new ArrayBlockingQueue<>(most),
                Thread.ofVirtual().name("station-teller").factory(),
                (line, full) -> lost.incrementAndGet());
    }

    void tell(Received received) {
        thread.execute(() -> pass(received));
    }

    private void pass(Received received) {
        listener.accept(received);
        long gone = lost.getAndSet(0);
        if (gone > 0) {
            listener.accept(gap.apply(gone));
        }
    }

    /// The listener is still told what was answered before, unless it does not take it.
    @Override
    public void close() {
        thread.shutdown();
        try {
            thread.awaitTermination(LAST_LINES.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException hurried) {
            Thread.currentThread().interrupt();
        }
        thread.shutdownNow();
    }
}
