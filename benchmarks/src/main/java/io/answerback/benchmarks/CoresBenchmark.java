package io.answerback.benchmarks;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.site.Job;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.DataFiles;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Where every core of 512 points goes, with one tamper ring a box.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class CoresBenchmark {
    private final Job job = CableEdits.chooseTypes(DataFiles.cableTypes())
            .on(PracticeEdits.option("", PracticeOption.ONE_RING).on(LargeJobs.of(512)));

    @Benchmark
    public CorePlan planOf512Points() {
        return CorePlan.of(job);
    }
}
