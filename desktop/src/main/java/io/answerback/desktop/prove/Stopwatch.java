package io.answerback.desktop.prove;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.LongSupplier;

/// Measures how long something takes by a clock that never jumps, and notices when the computer slept meanwhile.
final class Stopwatch {
    private static final double MOST_DIFFERENCE_SECONDS = 1.5;
    private static final double MILLIS = 1000;

    private final LongSupplier millis;
    private final InstantSource clock;
    private Optional<Instant> begun = Optional.empty();
    private long from;
    private OptionalDouble stopped = OptionalDouble.empty();
    private boolean doubtful;

    /// @param millis a clock that never jumps, in milliseconds
    /// @param clock the time of day, to notice a computer that slept
    Stopwatch(LongSupplier millis, InstantSource clock) {
        this.millis = millis;
        this.clock = clock;
    }

    void start() {
        begun = Optional.of(clock.instant());
        from = millis.getAsLong();
        stopped = OptionalDouble.empty();
        doubtful = false;
    }

    /// Stops it; nothing is kept where the two clocks disagree.
    void stop() {
        begun.ifPresent(start -> {
            double seconds = seconds();
            double byDay = Duration.between(start, clock.instant()).toMillis() / MILLIS;
            doubtful = Math.abs(byDay - seconds) > MOST_DIFFERENCE_SECONDS;
            stopped = doubtful ? OptionalDouble.empty() : OptionalDouble.of(seconds);
            begun = Optional.empty();
        });
    }

    boolean running() {
        return begun.isPresent();
    }

    /// How long it has run so far, in seconds.
    double seconds() {
        return (millis.getAsLong() - from) / MILLIS;
    }

    /// What it measured, in seconds; empty before, and where the computer slept or its clock was changed meanwhile.
    OptionalDouble measured() {
        return stopped;
    }

    /// Whether the computer slept or its clock was changed while it ran.
    boolean doubtful() {
        return doubtful;
    }
}
