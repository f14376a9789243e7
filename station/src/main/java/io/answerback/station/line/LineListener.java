package io.answerback.station.line;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.sound.Listening;
import io.answerback.core.signal.sound.LiveCalls;
import io.answerback.core.signal.sound.Sound;
import java.io.IOException;
import java.time.InstantSource;
import java.util.function.Consumer;
import java.util.function.Supplier;

/// Listens to a line until the input ends or is closed, and reads each call when it is over.
public final class LineListener {
    private static final int CHUNKS_A_SECOND = 5;

    private final Supplier<ReportFormat> format;
    private final InstantSource clock;
    private final Consumer<HeardCall> heard;
    private final Consumer<LiveCalls> goesOn;

    /// A listener.
    ///
    /// @param format in which the next call is read; asked when it is over
    /// @param heard is given each call that is over
    /// @param goesOn is called about five times a second of sound, for the level and whether a call goes on
    /// @throws IllegalArgumentException when the format goes over IP
    public LineListener(
            Supplier<ReportFormat> format, InstantSource clock, Consumer<HeardCall> heard, Consumer<LiveCalls> goesOn) {
        if (format.get().overIp()) {
            throw new IllegalArgumentException(format.get().id() + " goes over IP and is not heard on a line");
        }
        this.format = format;
        this.clock = clock;
        this.heard = heard;
        this.goesOn = goesOn;
    }

    /// Listens, and closes the input in the end. Blocks.
    ///
    /// @throws IOException when the input fails; the call that was going on is read before
    public void listen(SoundInput input) throws IOException {
        try (input) {
            LiveCalls calls = new LiveCalls(input.rate());
            try {
                float[] samples = new float[input.rate() / CHUNKS_A_SECOND];
                for (int count = input.read(samples); count >= 0; count = input.read(samples)) {
                    calls.hear(samples, count).forEach(this::read);
                    goesOn.accept(calls);
                }
            } finally {
                calls.rest().ifPresent(this::read);
            }
        }
    }

    private void read(Sound call) {
        Sound sound = call.atLineRate();
        ReportFormat read = format.get();
        heard.accept(new HeardCall(clock.instant(), sound, read, Listening.to(sound, read)));
    }
}
