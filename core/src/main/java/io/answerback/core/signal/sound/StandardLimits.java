package io.answerback.core.signal.sound;

import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/// Holds what was heard against the standard: SIA DC-05 for tones (50 ms on and off; here 10 ms either way are
/// taken, check your edition), twist of -4 to +8 dB and tones within 1.5 percent (ITU-T Q.24); the usual speeds
/// for pulses.
final class StandardLimits {
    private static final double TONE_MILLIS = 50;
    private static final double EITHER_WAY_MILLIS = 10;
    private static final double LEAST_TWIST = -4.5;
    private static final double MOST_TWIST = 8.5;
    private static final double MOST_ERROR_PERCENT = 1.7;
    private static final double MOST_SPEED_ERROR = 0.1;
    private static final Set<Integer> SPEEDS = Set.of(10, 20, 40);
    private static final int MOST_SAID = 4;

    private StandardLimits() {}

    static List<String> ofTones(List<HeardDigit> digits) {
        List<String> problems = new ArrayList<>();
        for (int i = 0; i < digits.size(); i++) {
            HeardDigit digit = digits.get(i);
            if (Math.abs(digit.onMillis() - TONE_MILLIS) > EITHER_WAY_MILLIS) {
                problems.add(Text.of(
                        "digit %d (%c) lasts %.0f ms; the standard has 50", i + 1, digit.digit(), digit.onMillis()));
            }
            if (digit.twistDecibels() < LEAST_TWIST || digit.twistDecibels() > MOST_TWIST) {
                problems.add(Text.of(
                        "digit %d (%c) has a twist of %+.0f dB; a receiver takes -4 to +8",
                        i + 1, digit.digit(), digit.twistDecibels()));
            }
            if (Math.abs(digit.errorPercent()) > MOST_ERROR_PERCENT) {
                problems.add(Text.of(
                        "digit %d (%c) has a tone that is %+.1f %% off; 1.5 %% are taken",
                        i + 1, digit.digit(), digit.errorPercent()));
            }
        }
        return few(problems);
    }

    static List<String> ofPulses(List<HeardDigit> digits) {
        double[] speeds = digits.stream()
                .mapToDouble(HeardDigit::perSecond)
                .filter(speed -> speed > 0)
                .sorted()
                .toArray();
        if (speeds.length == 0) {
            return List.of();
        }
        double usual = speeds[speeds.length / 2];
        boolean known = SPEEDS.stream().anyMatch(speed -> Math.abs(usual - speed) <= MOST_SPEED_ERROR * speed);
        return known ? List.of() : List.of(Text.of("%.1f pulses a second; receivers take 10, 20 or 40", usual));
    }

    private static List<String> few(List<String> problems) {
        if (problems.size() <= MOST_SAID) {
            return problems;
        }
        List<String> few = new ArrayList<>(problems.subList(0, MOST_SAID));
        few.add(Text.of("and %d more like these", problems.size() - MOST_SAID));
        return few;
    }
}
