package io.answerback.benchmarks;

import io.answerback.core.assess.Assessor;
import io.answerback.core.loop.CheckedFaults;
import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopFigure;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.site.Job;
import io.answerback.files.DataFiles;
import java.util.List;
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

/// Every state and fault of 512 loops of every scheme in turn, and of one loop while a slider moves.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class LoopBenchmark {
    private final Job job = LargeJobs.of(512);
    private final CheckedFaults trial = CheckedFaults.of(job.practice());
    private final List<WiredPoint> loops = new Assessor(DataFiles.events())
            .assess(job).points().stream()
                    .flatMap(point -> point.wired().stream())
                    .filter(wired -> wired.loop().isPresent())
                    .toList();
    private double metres;

    /// How many cases there are, so that nothing is left out unseen.
    @Benchmark
    public int statesAndFaultsOf512Loops() {
        if (loops.size() != 512) {
            throw new IllegalStateException("only " + loops.size() + " of 512 loops can be computed");
        }
        int cases = 0;
        for (WiredPoint wired : loops) {
            cases += LoopCheck.check(
                            wired.fitted().orElseThrow(),
                            wired.loop().orElseThrow().chart(),
                            trial)
                    .cases()
                    .size();
        }
        return cases;
    }

    @Benchmark
    public LoopResult oneMoveOfTheSlider() {
        metres = metres % 900 + 1;
        WiredPoint wired = loops.getFirst();
        return LoopFigure.CABLE_LENGTH.moved(
                wired.fitted().orElseThrow(), wired.loop().orElseThrow().chart(), trial, metres);
    }
}
