package io.answerback.core.signal.sound;

/// Another count of samples a second, by a sinc under a Hann window (J. O. Smith, Digital Audio Resampling).
final class Resampling {
    private static final int ZEROS = 16;

    private Resampling() {}

    /// @param to at most `from`
    static float[] of(float[] samples, int from, int to) {
        double step = (double) from / to;
        int count = (int) (samples.length / step);
        double reach = ZEROS * step;
        float[] out = new float[count];
        for (int i = 0; i < count; i++) {
            double centre = i * step;
            int first = Math.max(0, (int) Math.ceil(centre - reach));
            int last = Math.min(samples.length - 1, (int) Math.floor(centre + reach));
            double sum = 0;
            for (int at = first; at <= last; at++) {
                sum += samples[at] * weight((at - centre) / step);
            }
            out[i] = (float) (sum / step);
        }
        return out;
    }

    private static double weight(double distance) {
        double window = 0.5 * (1 + Math.cos(Math.PI * distance / ZEROS));
        double angle = Math.PI * distance;
        return Math.abs(angle) < 1e-9 ? window : window * Math.sin(angle) / angle;
    }
}
