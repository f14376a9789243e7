package io.answerback.desktop.live;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.signal.event.Signal;
import java.time.Duration;
import java.util.Set;
import java.util.function.Consumer;

/// What carries the signals of a practice panel to the practice station, and what else in the window follows it.
/// Called on the JavaFX thread, and tells on it.
public interface SignalLine {
    /// Sends a signal as the job's routing says.
    ///
    /// @param ahead how far the panel's clock, which stamps the frames, runs ahead of the right time
    /// @param told what became of it at the first destination
    void send(Job job, Signal signal, Duration ahead, Consumer<Sender.Sent> told);

    /// The paths that lead nowhere.
    Set<PathKind> cut();

    /// Cuts a path, or mends it.
    void cut(PathKind path, boolean leadsNowhere);

    /// Where single points are tried, they are tried on a panel that stands like this from now on.
    ///
    /// @param active points that are not at rest
    void follow(OperationState state, Set<PointId> active);
}
