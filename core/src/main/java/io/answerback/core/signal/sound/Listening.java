package io.answerback.core.signal.sound;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.ReportFormat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Listens to a recording of a call: which digits are in it, how they lie to the standard, and what was reported.
public final class Listening {
    private static final double LONGEST_SECONDS = 1800;
    private static final double BLOCK = 0.995;
    private static final double ANOTHER_REPORT_MILLIS = 400;
    private static final double ANOTHER_ROUND = 1.35;
    private static final int DIGITS_IN_TONES = 16;

    private Listening() {}

    /// What is heard in a recording of a format that goes over a line.
    ///
    /// @throws IllegalArgumentException when the recording is longer than half an hour, or the format goes over
    ///     IP
    public static Recording to(Sound given, ReportFormat format) {
        if (format.overIp()) {
            throw new IllegalArgumentException(format.id() + " is never heard on a line");
        }
        if (given.seconds() > LONGEST_SECONDS) {
            throw new IllegalArgumentException(
                    Text.of("the recording lasts %.0f min; cut it to half an hour at most", given.seconds() / 60));
        }
        float[] samples = withoutOffset(given.atLineRate().samples());
        if (format == ReportFormat.BLOCKS) {
            return BlockListening.in(samples);
        }
        List<HeardTone> tones = ReceiverTones.in(samples);
        return format.shape().isPresent() ? pulses(samples, tones) : digits(samples, tones);
    }

    /// A constant voltage under the sound says nothing; a filter that blocks it, with its pole at 0.995.
    private static float[] withoutOffset(float[] samples) {
        float[] out = new float[samples.length];
        double before = samples.length == 0 ? 0 : samples[0];
        double kept = 0;
        for (int i = 0; i < samples.length; i++) {
            kept = samples[i] - before + BLOCK * kept;
            before = samples[i];
            out[i] = (float) kept;
        }
        return out;
    }

    private static Recording digits(float[] samples, List<HeardTone> tones) {
        List<HeardDigit> digits = new ToneDigits(samples).heard();
        List<List<HeardDigit>> groups = groups(digits, tones);
        List<HeardDigit> sent = new ArrayList<>();
        List<String> reports = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        for (List<HeardDigit> group : groups) {
            boolean dialled = !tones.isEmpty()
                    && group.getLast().endMillis() < tones.getFirst().atMillis()
                    && group.size() != DIGITS_IN_TONES;
            if (!dialled) {
                reports.add(text(group));
                sent.addAll(group);
            }
        }
        problems.addAll(StandardLimits.ofTones(sent));
        if (reports.isEmpty()) {
            problems.add("no digits in tones are heard");
        }
        return new Recording(sent, tones, reports, problems);
    }

    private static List<List<HeardDigit>> groups(List<HeardDigit> digits, List<HeardTone> tones) {
        List<List<HeardDigit>> groups = new ArrayList<>();
        for (int i = 0; i < digits.size(); i++) {
            if (i == 0 || apart(digits.get(i - 1), digits.get(i), tones)) {
                groups.add(new ArrayList<>());
            }
            groups.getLast().add(digits.get(i));
        }
        return groups;
    }

    private static boolean apart(HeardDigit one, HeardDigit next, List<HeardTone> tones) {
        return next.atMillis() - one.endMillis() > ANOTHER_REPORT_MILLIS
                || tones.stream()
                        .anyMatch(tone -> tone.atMillis() > one.atMillis() && tone.atMillis() < next.atMillis());
    }

    private static String text(List<HeardDigit> digits) {
        StringBuilder text = new StringBuilder();
        digits.forEach(digit -> text.append(digit.digit()));
        return text.toString();
    }

    private static Recording pulses(float[] samples, List<HeardTone> tones) {
        List<HeardDigit> digits = new PulseDigits(samples, tones).heard();
        List<String> problems = new ArrayList<>(StandardLimits.ofPulses(digits));
        if (digits.isEmpty()) {
            problems.add("no pulses are heard");
            return new Recording(digits, tones, List.of(), problems);
        }
        double usual = usualGap(digits);
        StringBuilder rounds = new StringBuilder().append(digits.getFirst().digit());
        for (int i = 1; i < digits.size(); i++) {
            double gap = digits.get(i).atMillis() - digits.get(i - 1).endMillis();
            rounds.append(gap > ANOTHER_ROUND * usual ? " " : "")
                    .append(digits.get(i).digit());
        }
        return new Recording(digits, tones, List.of(rounds.toString()), problems);
    }

    private static double usualGap(List<HeardDigit> digits) {
        double[] gaps = new double[Math.max(0, digits.size() - 1)];
        for (int i = 0; i < gaps.length; i++) {
            gaps[i] = digits.get(i + 1).atMillis() - digits.get(i).endMillis();
        }
        Arrays.sort(gaps);
        return gaps.length == 0 ? 0 : gaps[gaps.length / 3];
    }
}
