package io.answerback.benchmarks;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.format.PulseTiming;
import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Listening;
import io.answerback.core.signal.sound.Recording;
import io.answerback.core.signal.sound.Sound;
import io.answerback.core.signal.sound.Synthesis;
import java.util.List;
import java.util.Random;
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

/// Hearing a recording of ten seconds.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SoundBenchmark {
    private static final LineQuality LINE = new LineQuality(-12, 20, 2, 0.5);
    private static final PulseTiming TIMING = new PulseTiming(20, 30, 20, 300, 1000, 1900, 800, "working values");

    private final Sound tones = tenSeconds(new CallScript()
            .handshakeOfTones()
            .tones("7316181130020156")
            .acknowledge(1400)
            .call());
    private final Sound pulses = tenSeconds(new CallScript()
            .handshakeOfPulses(2300)
            .pulses(List.of("0423", "0423"), TIMING)
            .acknowledge(2300)
            .call());

    private static Sound tenSeconds(Call call) {
        CallScript rest = new CallScript();
        Call whole = new Call(java.util.stream.Stream.concat(
                        call.segments().stream(),
                        rest.silence(10_000 - call.seconds() * 1000).call().segments().stream())
                .toList());
        return Synthesis.of(whole, LINE, new Random(1));
    }

    @Benchmark
    public Recording hearTones() {
        return Listening.to(tones, ReportFormat.TONES);
    }

    @Benchmark
    public Recording hearPulses() {
        return Listening.to(pulses, ReportFormat.PULSE_3_1);
    }
}
