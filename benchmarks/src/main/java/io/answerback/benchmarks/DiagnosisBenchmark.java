package io.answerback.benchmarks;

import io.answerback.core.loop.fault.Diagnosis;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.fault.Priors;
import io.answerback.core.loop.fault.Reading;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
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

/// Explaining four readings of one loop, and what to measure next.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class DiagnosisBenchmark {
    private final Job job = DemoJobs.job(1);
    private final FittedLoop loop = FittedLoop.of(
            job.point(new PointId("06")).orElseThrow(),
            job.cableTo(new PointId("06")).orElseThrow());
    private final Priors priors = DataFiles.priors();
    private final List<Reading> readings = List.of(
            Reading.ohms(MeasurementSetup.AT_REST, 2705),
            Reading.ohms(MeasurementSetup.ACTIVE, 7405),
            Reading.ohms(MeasurementSetup.COVER_OFF, Double.POSITIVE_INFINITY),
            Reading.ohms(MeasurementSetup.FAR_END_LIFTED, Double.POSITIVE_INFINITY));

    @Benchmark
    public Diagnosis fourReadings() {
        return Diagnosis.of(loop, priors, readings);
    }
}
