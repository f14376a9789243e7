package io.answerback.desktop.live;

import io.answerback.core.model.site.Edit;
import io.answerback.core.panel.PanelState;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// Shows on the window's thread what the worker says.
///
/// @param window does something on the window's thread
/// @param shown the signal that travels
/// @param stands what the panel remembers
/// @param learns takes what is known about the job
record WindowScreen(
        Executor window,
        ReadOnlyObjectWrapper<Optional<Run>> shown,
        ReadOnlyObjectWrapper<PanelState> stands,
        Consumer<Edit> learns)
        implements SignalRun.Screen {
    @Override
    public void run(Run next) {
        window.execute(() -> shown.set(Optional.of(next)));
    }

    @Override
    public void panel(PanelState state) {
        window.execute(() -> stands.set(state));
    }

    @Override
    public void learn(Edit fact) {
        window.execute(() -> learns.accept(fact));
    }
}
