package io.answerback.core.signal.sound;

import io.answerback.core.signal.format.PulseReport;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Hears digits in pulses of 1800 or 1900 Hz. The power near 1850 Hz is measured every millisecond in stretches
/// of 6 ms; pulses that follow one another fast are one digit.
final class PulseDigits {
    private static final double HERTZ = 1850;
    private static final int LENGTH = 48;
    private static final int HOP = 8;
    private static final double LEAST_POWER = 1e-6;
    private static final double ON = 0.3;
    private static final double OFF = 0.2;
    private static final double LONGEST_PERIOD_MILLIS = 140;
    private static final double ANOTHER_DIGIT = 1.8;
    private static final int MOST_PULSES = 15;

    private final double[] power;

    PulseDigits(float[] samples, List<HeardTone> receiverTones) {
        int count = Math.max(0, Math.floorDiv(samples.length - LENGTH, HOP) + 1);
        Goertzel filter = new Goertzel(HERTZ, LENGTH);
        power = new double[count];
        for (int i = 0; i < count; i++) {
            power[i] = filter.power(samples, i * HOP);
        }
        receiverTones.forEach(tone -> Arrays.fill(
                power,
                Math.clamp((int) tone.atMillis() - 25, 0, count),
                Math.clamp((int) (tone.atMillis() + tone.millis()) + 25, 0, count),
                0));
    }

    /// One pulse, in milliseconds.
    private record Pulse(double from, double to) {}

    List<HeardDigit> heard() {
        double level = level();
        if (level < LEAST_POWER) {
            return List.of();
        }
        List<Pulse> pulses = pulses(level);
        double period = period(pulses);
        List<HeardDigit> digits = new ArrayList<>();
        int begun = 0;
        for (int i = 1; i <= pulses.size(); i++) {
            boolean another = i == pulses.size()
                    || pulses.get(i).from() - pulses.get(i - 1).from() > ANOTHER_DIGIT * period;
            if (another) {
                digit(pulses.subList(begun, i), level, digits);
                begun = i;
            }
        }
        return digits;
    }

    /// The level pulses reach: that of the loudest twentieth of what is no silence.
    private double level() {
        double[] sorted =
                Arrays.stream(power).filter(its -> its > LEAST_POWER).sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[(int) (0.95 * (sorted.length - 1))];
    }

    private List<Pulse> pulses(double level) {
        List<Pulse> pulses = new ArrayList<>();
        int begun = -1;
        for (int i = 0; i < power.length; i++) {
            if (begun < 0 && power[i] > ON * level) {
                begun = i;
            } else if (begun >= 0 && power[i] < OFF * level) {
                pulses.add(new Pulse(begun + LENGTH / 16.0, i + LENGTH / 16.0));
                begun = -1;
            }
        }
        return pulses;
    }

    /// The time from one pulse to the next inside a digit: the middle one of those that are short enough.
    private static double period(List<Pulse> pulses) {
        double[] times = new double[Math.max(0, pulses.size() - 1)];
        for (int i = 0; i < times.length; i++) {
            times[i] = pulses.get(i + 1).from() - pulses.get(i).from();
        }
        double[] sorted = Arrays.stream(times)
                .filter(time -> time < LONGEST_PERIOD_MILLIS)
                .sorted()
                .toArray();
        return sorted.length == 0 ? LONGEST_PERIOD_MILLIS / ANOTHER_DIGIT : sorted[sorted.length / 2];
    }

    private static void digit(List<Pulse> pulses, double level, List<HeardDigit> digits) {
        if (pulses.size() > MOST_PULSES) {
            return;
        }
        double from = pulses.getFirst().from();
        double to = pulses.getLast().to();
        double perSecond = pulses.size() == 1
                ? 0
                : 1000 * (pulses.size() - 1) / (pulses.getLast().from() - from);
        digits.add(new HeardDigit(
                PulseReport.digit(pulses.size()), from, to - from, 10 * Math.log10(2 * level), 0, 0, perSecond));
    }
}
