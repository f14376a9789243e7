package io.answerback.desktop.power;

import io.answerback.core.cable.CableType;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.Disk;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.theme.Look;
import java.time.InstantSource;
import java.util.List;
import java.util.function.Supplier;

/// Whether it holds up: on battery, at the far end, on the coldest night.
public final class PowerBench extends SheetedBench<PowerSheet> {
    /// The bench.
    ///
    /// @param disk works out remedies off the JavaFX thread
    /// @param types the cables there are to choose from for a remedy
    /// @param clock tells when a step is done
    /// @param print writes a supply on paper
    /// @param faultPoint what a point for a fault output is made of
    public PowerBench(
            Desk desk,
            Look look,
            Disk disk,
            Supplier<List<CableType>> types,
            InstantSource clock,
            PowerPrint print,
            FaultPoint faultPoint) {
        super(desk, PowerSheet.class, PowerSheet::title);
        add(PowerSheet.HOLD, () -> new HoldSheet(desk, look, clock, print));
        add(PowerSheet.LOADS, () -> new LoadsSheet(desk, faultPoint));
        add(PowerSheet.VOLTS, () -> new VoltsSheet(desk, look, disk, types));
        add(PowerSheet.SOUNDERS, () -> new SoundersSheet(desk, look));
        add(PowerSheet.MEASURED, () -> new MeasuredSheet(desk, look, clock));
        add(PowerSheet.SEQUENCE, () -> new SequenceSheet(desk, look, clock));
    }
}
