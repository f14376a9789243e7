package io.answerback.benchmarks;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.site.Job;
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

/// Assessing a job of 512 points: from nothing, and again after one edit (the edit included).
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class AssessBenchmark {
    private final Job job = LargeJobs.of(512);
    private final Assessor assessor = new Assessor(DataFiles.events());
    private Assessment last = assessor.assess(job);
    private int metres;

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
