package io.answerback.desktop.shell;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/// A bench of several sheets with a switch between them. A sheet is made when it is first wanted.
///
/// @param <S> names the sheets, the first of them on top to begin with
public abstract class SheetedBench<S extends Enum<S>> extends PartBench {
    private final OpenJob openJob;
    private final Function<S, String> title;
    private final Function<S, ?> group;
    private final List<S> names;
    private final Map<S, PartSheet> made;
    private final Map<S, Supplier<PartSheet>> companions;
    private Function<S, PartSheet> maker;
    private S onTop;

    /// A bench without sheets yet.
    ///
    /// @param title a sheet's name on the switch
    protected SheetedBench(BenchTools tools, Class<S> sheets, Function<S, String> title) {
        this(tools, sheets, title, sheet -> 0);
    }

    /// The same with sheets in groups, so that the switch can break between them where there is little room.
    ///
    /// @param group what a sheet belongs to; sheets of one group follow one another
    protected SheetedBench(BenchTools tools, Class<S> sheets, Function<S, String> title, Function<S, ?> group) {
        super(tools.openJob(), tools.look());
        this.openJob = tools.openJob();
        this.group = group;
        this.title = title;
        this.names = List.of(sheets.getEnumConstants());
        this.made = new EnumMap<>(sheets);
        this.companions = new EnumMap<>(sheets);
        this.onTop = names.getFirst();
    }

    /// Says how each sheet is made: a switch over all of them.
    protected final void sheets(Function<S, PartSheet> making) {
        maker = making;
    }

    /// Says which sheet stands beside another where the window is wide enough for both.
    protected final void companion(S name, S beside) {
        companions.put(name, () -> sheet(beside));
    }

    /// Says which sheet stands beside another where the window is wide enough for both, and nowhere else.
    protected final void companion(S name, PartSheet beside) {
        companions.put(name, () -> beside);
    }

    @Override
    public final Optional<PartSheet> beside(WindowState state) {
        return over().isPresent()
                ? Optional.empty()
                : Optional.ofNullable(companions.get(onTop(state))).map(Supplier::get);
    }

    private PartSheet sheet(S its) {
        return made.computeIfAbsent(its, maker);
    }

    /// Lays a sheet on top.
    public void open(S sheet) {
        onTop = sheet;
        showAgain();
    }

    @Override
    public final void turn(int steps) {
        if (over().isEmpty()) {
            int now = names.indexOf(onTop(openJob.now()));
            open(names.get(Math.floorMod(now + steps, names.size())));
        }
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
    public final PartSheet top(WindowState state) {
        return over().orElseGet(() -> sheet(onTop(state)));
    }

    @Override
    public final Optional<Part> switching(WindowState state) {
        return over().isPresent() ? Optional.empty() : Optional.of(switches(state));
    }

    private Part switches(WindowState state) {
        Map<Object, List<S>> groups =
                names.stream().collect(Collectors.groupingBy(group, LinkedHashMap::new, Collectors.toList()));
        Parts row = Parts.flow();
        groups.values().forEach(sheets -> row.add(Switch.bare("Sheet", sheets, onTop(state), title, this::open)));
        return groups.size() == 1 ? row.list().getFirst() : row.style("choices").group();
    }
}
