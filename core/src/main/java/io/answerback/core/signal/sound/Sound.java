package io.answerback.core.signal.sound;

import io.answerback.core.model.common.Require;

/// A recording of one channel.
///
/// @param samples from -1 to 1
/// @param rate samples a second, 8000 to 192 000
public record Sound(float[] samples, int rate) {
    /// Samples a second on a telephone line.
    public static final int LINE_RATE = 8000;

    /// @throws IllegalArgumentException when the rate is out of bounds
    public Sound {
        Require.given(samples, "samples");
        Require.within(rate, LINE_RATE, 192_000, "samples a second");
    }

    /// How long it lasts, in seconds.
    public double seconds() {
        return (double) samples.length / rate;
    }

    /// The same at 8000 samples a second, without what a line does not carry. Made with a windowed sinc of 16
    /// zeros a side.
    public Sound atLineRate() {
        return rate == LINE_RATE ? this : new Sound(Resampling.of(samples, rate, LINE_RATE), LINE_RATE);
    }
}
