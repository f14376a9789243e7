package io.answerback.core.signal.sound;

import java.util.List;
import java.util.random.RandomGenerator;

/// Plays a call: tones as sines at 8000 samples a second, with noise of normal distribution over all of it. A tone that
/// follows another without a pause goes on where that one stopped, as a modem's do.
public final class Synthesis {
    private static final double SILENT_DECIBELS = 90;

    private Synthesis() {}

    /// The sound of a call.
    ///
    /// @param random makes the noise
    public static Sound of(Call call, LineQuality line, RandomGenerator random) {
        float[] samples = new float[(int) Math.round(call.seconds() * Sound.LINE_RATE)];
        double millis = 0;
        double phase = 0;
        for (Segment segment : call.segments()) {
            int from = at(millis);
            millis += segment.millis();
            phase = play(segment, line, samples, from, Math.min(samples.length, at(millis)), phase);
        }
        noise(samples, line, random);
        return new Sound(samples, Sound.LINE_RATE);
    }

    private static int at(double millis) {
        return (int) Math.round(millis * Sound.LINE_RATE / 1000);
    }

    /// @return the phase at which a single tone stops; 0 after silence and after a pair
    private static double play(Segment segment, LineQuality line, float[] samples, int from, int to, double phase) {
        List<Double> hertz = segment.hertz();
        double begins = hertz.size() == 1 ? phase : 0;
        double ends = 0;
        for (int tone = 0; tone < hertz.size(); tone++) {
            double amplitude = decibels(line.levelDecibels())
                    * (hertz.size() == 2 ? ofPair(tone, line.twistDecibels()) : 1 / Math.sqrt(hertz.size()));
            double step = 2 * Math.PI * hertz.get(tone) * (1 + line.errorPercent() / 100) / Sound.LINE_RATE;
            for (int i = from; i < to; i++) {
                samples[i] += (float) (amplitude * Math.sin(begins + step * (i - from)));
            }
            ends = begins + step * (to - from);
        }
        return hertz.size() == 1 ? ends : 0;
    }

    /// The share one tone of a pair has of the amplitude: together they have the power of a single sine, and the
    /// higher one is so much stronger.
    private static double ofPair(int tone, double twistDecibels) {
        double stronger = decibels(twistDecibels);
        return (tone == 1 ? stronger : 1) / Math.hypot(1, stronger);
    }

    private static double decibels(double decibels) {
        return Math.pow(10, decibels / 20);
    }

    private static void noise(float[] samples, LineQuality line, RandomGenerator random) {
        double rms = line.noiseDecibels() >= SILENT_DECIBELS
                ? 0
                : decibels(line.levelDecibels() - line.noiseDecibels()) / Math.sqrt(2);
        for (int i = 0; i < samples.length; i++) {
            double noisy = samples[i] + (rms == 0 ? 0 : rms * random.nextGaussian());
            samples[i] = (float) Math.clamp(noisy, -1, 1);
        }
    }
}
