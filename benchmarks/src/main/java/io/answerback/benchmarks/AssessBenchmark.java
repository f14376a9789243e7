package io.answerback.benchmarks;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.model.site.Job;
import io.answerback.files.DataFiles;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Assessing a job of 512 and of 5,000 points: from nothing, and again after one edit (the edit included).
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class AssessBenchmark {
    /// How many points the job has.
    @Param({"512", "5000"})
    public int points;

    private final Assessor assessor = new Assessor(DataFiles.events());
    private Job job;
    private Assessment last;
    private int metres;

    /// A job of that size, assessed once.
    @Setup
    public void assessOnce() {
        job = LargeJobs.of(points);
        last = assessor.assess(job);
    }

    @Benchmark
    public Assessment fromNothing() {
        return assessor.assess(job);
    }

    @Benchmark
    public Assessment afterOneEdit() {
        metres = metres % 200 + 1;
        last = assessor.assess(LargeJobs.edited(last.job(), metres), last);
        return last;
    }
}
