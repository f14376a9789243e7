package io.answerback.desktop.bus;

import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
import java.time.InstantSource;

/// Who answers on the bus, and whose input each zone is.
public final class BusBench extends SheetedBench<BusSheet> {
    /// The bench.
    ///
    /// @param clock tells when a step is done and a signal heard
    public BusBench(Desk desk, Look look, InstantSource clock) {
        super(desk, BusSheet.class, BusSheet::title);
        add(BusSheet.LAID, () -> new LaidSheet(desk, look));
        add(BusSheet.ZONES, () -> new ZonesSheet(desk, look));
        add(BusSheet.FITTING, () -> new FittingSheet(desk, look, clock));
        add(BusSheet.CONVERTERS, () -> new ConvertersSheet(desk, look));
        add(BusSheet.WALL, () -> new WallSheet(desk, look));
        add(BusSheet.RADIO, () -> new RadioSheet(desk, look, clock));
    }
}
