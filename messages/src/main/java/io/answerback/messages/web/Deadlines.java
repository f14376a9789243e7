package io.answerback.messages.web;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.eclipse.jetty.io.Connection;
import org.eclipse.jetty.util.thread.Scheduler;

/// Ends connections that keep the server waiting: a request has a time to arrive whole, from the opening of its
/// connection or from the answer before, and its answer has as long to be taken. Sending
/// a little at a time does not extend it.
final class Deadlines implements Connection.Listener {
    private final Scheduler scheduler;
    private final long seconds;
    private final Map<Connection, Scheduler.Task> ends = new ConcurrentHashMap<>();

    Deadlines(Scheduler scheduler, long seconds) {
        this.scheduler = scheduler;
        this.seconds = seconds;
    }

    @Override
    public void onOpened(Connection connection) {
        begin(connection);
    }

    @Override
    public void onClosed(Connection connection) {
        pause(connection);
    }

    /// The caller has its time from now on.
    void begin(Connection connection) {
        ends.compute(connection, (same, before) -> {
            if (before != null) {
                before.cancel();
            }
            return same.getEndPoint().isOpen() ? scheduler.schedule(same::close, seconds, TimeUnit.SECONDS) : null;
        });
    }

    /// The program is computing its answer, which has no deadline here.
    void pause(Connection connection) {
        Scheduler.Task end = ends.remove(connection);
        if (end != null) {
            end.cancel();
        }
    }
}
