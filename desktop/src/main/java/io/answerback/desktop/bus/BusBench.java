package io.answerback.desktop.bus;

import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;

/// Who answers on the bus, and whose input each zone is.
public final class BusBench extends SheetedBench<BusSheet> {
    /// The bench.
    public BusBench(BenchTools tools) {
        super(tools, BusSheet.class, BusSheet::title);
        OpenJob openJob = tools.openJob();
        InstantSource clock = tools.clock();
        companion(BusSheet.LAID, BusSheet.ZONES);
        sheets(sheet -> switch (sheet) {
            case LAID -> new LaidSheet(openJob);
            case ZONES -> new ZonesSheet(openJob);
            case FITTING -> new FittingSheet(openJob, clock);
            case CONVERTERS -> new ConvertersSheet(openJob);
            case WALL -> new WallSheet(openJob);
            case RADIO -> new RadioSheet(openJob, clock);
        });
    }
}
