package io.answerback.station;

import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.LongFunction;

/// Tells a listener what arrived, on a thread of its own: a log, a pipe or a window that is slow never delays
/// an answer. What there is no room for is lost and counted, and the listener is told how much that was.
final class Teller implements AutoCloseable {
    private final BlockingQueue<Received> waiting;
    private final AtomicLong lost = new AtomicLong();
    private final Consumer<Received> listener;
    private final LongFunction<Received> gap;
    private final Thread thread;

    /// @param most lines that may wait
    /// @param gap makes the line that says how many were lost
    Teller(int most, Consumer<Received> listener, LongFunction<Received> gap) {
        this.waiting = new ArrayBlockingQueue<>(most);
        this.listener = listener;
        this.gap = gap;
        this.thread = Thread.ofVirtual().name("station-teller").start(this::tellUntilClosed);
    }

    void tell(Received received) {
        if (!waiting.offer(received)) {
            lost.incrementAndGet();
        }
    }

    private void tellUntilClosed() {
        try {
            while (true) {
                Received next = waiting.take();
                listener.accept(next);
                long gone = lost.getAndSet(0);
                if (gone > 0) {
                    listener.accept(gap.apply(gone));
                }
            }
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        thread.interrupt();
    }
}
