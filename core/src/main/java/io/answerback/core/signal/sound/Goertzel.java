package io.answerback.core.signal.sound;

/// The power of one tone in a stretch of samples (G. Goertzel, 1958).
final class Goertzel {
    private final double coefficient;
    private final int length;

    /// @param hertz the tone
    /// @param length samples in a stretch
    Goertzel(double hertz, int length) {
        this.coefficient = 2 * Math.cos(2 * Math.PI * hertz / Sound.LINE_RATE);
        this.length = length;
    }

    /// Mean power of a sine of this tone that would give what was found: its amplitude squared, halved.
    double power(float[] samples, int from) {
        double before = 0;
        double beforeThat = 0;
        for (int i = from; i < from + length; i++) {
            double now = samples[i] + coefficient * before - beforeThat;
            beforeThat = before;
            before = now;
        }
        double squared = before * before + beforeThat * beforeThat - coefficient * before * beforeThat;
        return 2 * Math.max(0, squared) / ((double) length * length);
    }
}
