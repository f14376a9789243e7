package io.answerback.desktop.shell;

import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;

/// A bench of several sheets with a switch between them. A sheet is made when it is first wanted.
///
/// @param <S> names the sheets, the first of them on top to begin with
public abstract class SheetedBench<S extends Enum<S>> implements Bench {
    private final OpenJob openJob;
    private final Function<S, String> title;
    private final List<S> names;
    private final SheetFrame frame = new SheetFrame();
    private final Map<S, Supplier<Sheet>> makers;
    private final Map<S, Sheet> made;
    private S onTop;

    /// A bench without sheets yet.
    ///
    /// @param title a sheet's name on the switch
    protected SheetedBench(OpenJob openJob, Class<S> sheets, Function<S, String> title) {
        this.openJob = openJob;
        this.title = title;
        this.names = List.of(sheets.getEnumConstants());
        this.makers = new EnumMap<>(sheets);
        this.made = new EnumMap<>(sheets);
        this.onTop = names.getFirst();
    }

    /// Says how a sheet is made.
    protected final void add(S name, Supplier<Sheet> maker) {
        makers.put(name, maker);
    }

    /// Lays a sheet on top.
    public final void open(S sheet) {
        onTop = sheet;
        show(openJob.now());
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
        Sheet sheet = made.computeIfAbsent(onTop, its -> makers.get(its).get());
        frame.show(sheet, state, Switch.bare("Sheet", names, onTop, title, this::open));
    }
}
