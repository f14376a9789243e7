package io.answerback.desktop.cable;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Switch;
import io.answerback.desktop.shell.Bench;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.shell.SheetFrame;
import io.answerback.desktop.theme.Look;
import io.answerback.job.CableType;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;

/// Which core goes where, and what has been run, labelled and put in place.
public final class CableBench implements Bench {
    private final Desk desk;
    private final PrintPart print;
    private final SheetFrame frame = new SheetFrame();
    private final Map<CableSheet, Supplier<Sheet>> makers = new EnumMap<>(CableSheet.class);
    private final Map<CableSheet, Sheet> made = new EnumMap<>(CableSheet.class);
    private CableSheet onTop = CableSheet.BOX;

    /// The bench.
    ///
    /// @param types the types of cable there are to choose from
    /// @param print the buttons that write paper
    /// @param clock tells when a core is put in place
    public CableBench(Desk desk, Look look, List<CableType> types, PrintPart print, InstantSource clock) {
        this.desk = desk;
        this.print = print;
        makers.put(CableSheet.BOX, () -> new BoxSheet(desk, look, types, print));
        makers.put(CableSheet.RUN, () -> new RunSheet(desk, clock));
        makers.put(CableSheet.CABLES, () -> new CablesSheet(desk, look, types, print));
    }

    /// What writes paper.
    public PrintPart print() {
        return print;
    }

    /// Lays a sheet on top.
    public void open(CableSheet sheet) {
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
                sheet, state, Switch.bare("Sheet", List.of(CableSheet.values()), onTop, CableSheet::title, this::open));
    }
}
