package io.answerback.desktop;

import java.util.List;
import java.util.concurrent.AbstractExecutorService;
import java.util.concurrent.TimeUnit;

/// Does everything at once on the thread that asks.
public final class AtOnce extends AbstractExecutorService {
    private boolean shut;

    @Override
    public void execute(Runnable command) {
        command.run();
    }

    @Override
    public void shutdown() {
        shut = true;
    }

    @Override
    public List<Runnable> shutdownNow() {
        shut = true;
        return List.of();
    }

    @Override
    public boolean isShutdown() {
        return shut;
    }

    @Override
    public boolean isTerminated() {
        return shut;
    }

    @Override
    public boolean awaitTermination(long timeout, TimeUnit unit) {
        return true;
    }
}
