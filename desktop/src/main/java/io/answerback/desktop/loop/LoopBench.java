package io.answerback.desktop.loop;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.shell.SheetFrame;
import io.answerback.desktop.theme.Look;
import io.answerback.fault.Priors;
import io.answerback.job.Conductor;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;

/// What the input sees, whatever happens at the device or to the cable; what a meter showed at every loop; and the
/// resistors.
public final class LoopBench implements Bench {
    private final Desk desk;
    private final SheetFrame frame = new SheetFrame();
    private final Map<LoopSheet, Supplier<Sheet>> makers = new EnumMap<>(LoopSheet.class);
    private final Map<LoopSheet, Sheet> made = new EnumMap<>(LoopSheet.class);
    private LoopSheet onTop = LoopSheet.ONE_LOOP;

    /// The bench.
    ///
    /// @param conductors the conductors there are to choose from
    /// @param priors how often each cause of a strange reading is met
    /// @param clock tells when a reading is taken
    public LoopBench(Desk desk, Look look, List<Conductor> conductors, Supplier<Priors> priors, InstantSource clock) {
        this.desk = desk;
        makers.put(LoopSheet.ONE_LOOP, () -> new OneLoopSheet(desk, look, conductors, priors, clock));
        makers.put(LoopSheet.READINGS, () -> new ReadingsSheet(desk, look, priors, clock));
        makers.put(LoopSheet.RESISTORS, () -> new ResistorsSheet(desk, look));
    }

    /// Lays a sheet on top.
    public void open(LoopSheet sheet) {
        onTop = sheet;
        show(desk.now());
    }

    @Override
    public Node sheet() {
        return frame.bench();
    }

    @Override
    public Node instrument() {
        return frame.instrument();
    }

    @Override
    public void show(DeskState state) {
        Sheet sheet = made.computeIfAbsent(onTop, its -> makers.get(its).get());
        frame.show(
                sheet, state, Switch.bare("Sheet", List.of(LoopSheet.values()), onTop, LoopSheet::title, this::open));
    }
}
