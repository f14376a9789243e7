package io.answerback.desktop.shell;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;

/// A bench whose sheets are parts. Nothing of it is drawn before it is shown in a window.
public abstract class PartBench implements Bench {
    private final OpenJob openJob;
    private final Look look;
    private final List<ObservableValue<?>> others = new ArrayList<>();
    private SheetFrame frame;

    /// A bench that is not drawn yet.
    protected PartBench(OpenJob openJob, Look look) {
        this.openJob = openJob;
        this.look = look;
    }

    /// The sheet that lies on top in a state of the window.
    public abstract PartSheet top(WindowState state);

    /// The switch between the sheets; empty where there is none.
    public abstract Optional<Part> switching(WindowState state);

    /// The sheet that stands beside the one on top where the window is wide enough; empty for none.
    public Optional<PartSheet> beside(WindowState state) {
        return Optional.empty();
    }

    /// Shows the bench again whenever something changes beside the state of the window.
    protected final void showWhenever(ObservableValue<?> other) {
        others.add(other);
    }

    /// Shows the bench again, if it is drawn.
    protected final void showAgain() {
        if (frame != null) {
            show(openJob.now());
        }
    }

    private SheetFrame frame() {
        if (frame == null) {
            frame = new SheetFrame(look);
            frame.whenever(this::showAgain);
            others.forEach(other -> WhileShown.listen(frame.bench(), () -> other.subscribe(this::showAgain)));
        }
        return frame;
    }

    @Override
    public final Node sheet() {
        return frame().bench();
    }

    @Override
    public final Node instrument() {
        return frame().instrument();
    }

    @Override
    public final void show(WindowState state) {
        frame().show(top(state), state, switching(state), beside(state));
    }
}
