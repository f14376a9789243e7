package io.answerback.desktop.shell;

import io.answerback.desktop.part.Switch;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;

/// A bench of several sheets with a switch between them. A sheet is made when it is first wanted.
///
/// @param <S> names the sheets, the first of them on top to begin with
public abstract class SheetedBench<S extends Enum<S>> implements Bench {
    private final OpenJob openJob;
    private final Function<S, String> title;
    private final List<S> names;
    private final SheetFrame frame;
    private final Map<S, Supplier<PartSheet>> makers;
    private final Map<S, PartSheet> made;
    private S onTop;

    /// A bench without sheets yet.
    ///
    /// @param title a sheet's name on the switch
    protected SheetedBench(OpenJob openJob, Look look, Class<S> sheets, Function<S, String> title) {
        this.openJob = openJob;
        this.title = title;
        this.frame = new SheetFrame(look);
        this.names = List.of(sheets.getEnumConstants());
        this.makers = new EnumMap<>(sheets);
        this.made = new EnumMap<>(sheets);
        this.onTop = names.getFirst();
    }

    /// Says how a sheet is made.
    protected final void add(S name, Supplier<PartSheet> maker) {
        makers.put(name, maker);
    }

    /// Shows the bench again whenever something changes beside the state of the window.
    protected final void showWhenever(ObservableValue<?> other) {
        WhileShown.listen(frame.bench(), () -> other.subscribe(() -> show(openJob.now())));
    }

    /// Lays a sheet on top.
    public void open(S sheet) {
        onTop = sheet;
        show(openJob.now());
    }

    /// The sheet that lies on top in a state of the window.
    protected S onTop(WindowState state) {
        return onTop;
    }

    /// What lies over all sheets until it is done with; empty for nothing.
    protected Optional<PartSheet> over() {
        return Optional.empty();
    }

    @Override
    public final Node sheet() {
        return frame.bench();
    }

    @Override
    public final Node instrument() {
        return frame.instrument();
    }

    @Override
    public final void show(WindowState state) {
        Optional<PartSheet> over = over();
        if (over.isPresent()) {
            frame.show(over.get(), state, Optional.empty());
            return;
        }
        S now = onTop(state);
        PartSheet sheet = made.computeIfAbsent(now, its -> makers.get(its).get());
        frame.show(sheet, state, Optional.of(Switch.bare("Sheet", names, now, title, this::open)));
    }
}
