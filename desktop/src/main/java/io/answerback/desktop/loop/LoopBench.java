package io.answerback.desktop.loop;

import io.answerback.core.loop.fault.Priors;
import io.answerback.core.model.profile.Conductor;
import io.answerback.desktop.shell.SheetedBench;
import io.answerback.desktop.work.BenchTools;
import io.answerback.desktop.work.OpenJob;
import java.time.InstantSource;
import java.util.List;
import java.util.function.Supplier;

/// What the input sees, whatever happens at the device or to the cable; what a meter showed at every loop; and
/// the resistors.
public final class LoopBench extends SheetedBench<LoopSheet> {
    /// The bench.
    ///
    /// @param conductors the conductors there are to choose from
    /// @param priors how often each cause of a strange reading is met
    public LoopBench(BenchTools tools, List<Conductor> conductors, Supplier<Priors> priors) {
        super(tools, LoopSheet.class, LoopSheet::title);
        OpenJob openJob = tools.openJob();
        InstantSource clock = tools.clock();
        sheets(sheet -> switch (sheet) {
            case ONE_LOOP -> new OneLoopSheet(openJob, conductors, priors, clock);
            case READINGS -> new ReadingsSheet(openJob, priors, clock);
            case RESISTORS -> new ResistorsSheet(openJob);
        });
    }
}
