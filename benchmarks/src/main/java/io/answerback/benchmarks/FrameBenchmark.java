package io.answerback.benchmarks;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.BadFrame;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.DataFiles;
import java.time.Instant;
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

/// Building an IP frame from a signal, and reading the signal back out of its text.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class FrameBenchmark {
    private final Signal signal = new Signal("7316", Qualifier.NEW, "130", 2, 15);
    private final IpSignals signals = new IpSignals(DataFiles.letters());
    private final Instant at = Instant.parse("2026-05-12T09:41:07Z");
    private final String text = IpFrames.encode(IpFrame.of(signal, 42, "1", "0", at));

    @Benchmark
    public String build() {
        return IpFrames.encode(IpFrame.of(signal, 42, "1", "0", at));
    }

    @Benchmark
    public Signal parse() throws BadFrame {
        return signals.of(IpFrames.decode(text));
    }
}
