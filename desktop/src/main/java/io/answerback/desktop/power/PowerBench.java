package io.answerback.desktop.power;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;
import java.util.List;
import java.util.function.Supplier;

/// Whether it holds up: on battery, at the far end, on the coldest night.
public final class PowerBench extends SheetedBench<PowerSheet> {
    /// The bench.
    ///
    /// @param types the cables there are to choose from for a remedy
    /// @param faultPoint what a point for a fault output is made of
    public PowerBench(BenchTools tools, Supplier<List<CableType>> types, FaultPoint faultPoint) {
        super(tools, PowerSheet.class, PowerSheet::title);
        OpenJob openJob = tools.openJob();
        InstantSource clock = tools.clock();
        Background background = tools.background();
        PowerPrint print = new PowerPrint(openJob, background, tools.files());
        sheets(sheet -> switch (sheet) {
            case HOLD -> new HoldSheet(openJob, clock, print);
            case LOADS -> new LoadsSheet(openJob, faultPoint);
            case VOLTS -> new VoltsSheet(openJob, background, types, faultPoint);
            case SOUNDERS -> new SoundersSheet(openJob);
            case MEASURED -> new MeasuredSheet(openJob, clock);
            case SEQUENCE -> new SequenceSheet(openJob, clock);
        });
    }
}
