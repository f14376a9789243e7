package io.answerback.desktop.bus;

import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;

/// Who answers on the bus, and whose input each zone is.
public final class BusBench extends SheetedBench<BusSheet> {
    /// The bench.
    ///
    /// @param clock tells when a step is done and a signal heard
    public BusBench(BenchTools tools) {
        super(tools, BusSheet.class, BusSheet::title);
        OpenJob openJob = tools.openJob();
        InstantSource clock = tools.clock();
        companion(BusSheet.LAID, BusSheet.ZONES);
        add(BusSheet.LAID, () -> new LaidSheet(openJob));
        add(BusSheet.ZONES, () -> new ZonesSheet(openJob));
        add(BusSheet.FITTING, () -> new FittingSheet(openJob, clock));
        add(BusSheet.CONVERTERS, () -> new ConvertersSheet(openJob));
        add(BusSheet.WALL, () -> new WallSheet(openJob));
        add(BusSheet.RADIO, () -> new RadioSheet(openJob, clock));
    }
}
