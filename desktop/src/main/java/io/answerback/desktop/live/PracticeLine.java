package io.answerback.desktop.live;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.signal.event.Signal;
import io.answerback.desktop.work.OpenJob;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Supplier;

/// The way from a practice panel to the practice station of a session.
///
/// @param worker sends, one signal at a time
/// @param chain works the chain of single points
/// @param window does something on the window's thread
/// @param settings how the station is set
/// @param set sets it otherwise
record PracticeLine(
        OpenJob openJob,
        Executor worker,
        Executor chain,
        Executor window,
        Sender sender,
        SignalRun run,
        Supplier<StationSettings> settings,
        Consumer<StationSettings> set)
        implements SignalLine {
    @Override
    public void send(Job job, Signal signal, Duration ahead, Consumer<Sender.Sent> told) {
        worker.execute(() -> {
            Sender.Sent sent = sender.send(job, signal, "", ahead, first -> window.execute(() -> told.accept(first)));
            if (sent.runs().isEmpty()) {
                window.execute(() -> told.accept(sent));
            }
        });
    }

    @Override
    public Set<PathKind> cut() {
        return settings.get().cut();
    }

    @Override
    public void cut(PathKind path, boolean leadsNowhere) {
        set.accept(settings.get().cut(path, leadsNowhere));
    }

    @Override
    public void follow(OperationState state, Set<PointId> active) {
        openJob.setActive(active);
        chain.execute(() -> run.follow(state));
    }
}
