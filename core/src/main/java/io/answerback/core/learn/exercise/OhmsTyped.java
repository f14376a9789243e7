package io.answerback.core.learn.exercise;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A resistance as somebody types it: 4700, 4k7, 4.7k, 4,7 kΩ, 1M, 470R, open.
final class OhmsTyped {
    private static final Pattern LETTER = Pattern.compile("(\\d+)([rkm])(\\d*)");
    private static final Pattern PLAIN = Pattern.compile("(\\d+(?:\\.\\d+)?)([rkm]?)");

    private OhmsTyped() {}

    /// The resistance in ohms, infinite for open; empty where it is none.
    static Optional<Double> of(String typed) {
        String bare = typed.toLowerCase(Locale.ROOT)
                .replace("ohms", "")
                .replace("ohm", "")
                .replace("ω", "")
                .replace("Ω", "")
                .replace(',', '.')
                .replaceAll("[\\s\\u00a0\\u2009\\u202f]", "");
        if (bare.equals("open")) {
            return Optional.of(Double.POSITIVE_INFINITY);
        }
        Matcher letter = LETTER.matcher(bare);
        if (letter.matches()) {
            String digits = letter.group(1) + "." + (letter.group(3).isEmpty() ? "0" : letter.group(3));
            return Optional.of(Double.parseDouble(digits) * times(letter.group(2)));
        }
        Matcher plain = PLAIN.matcher(bare);
        return plain.matches()
                ? Optional.of(Double.parseDouble(plain.group(1)) * times(plain.group(2)))
                : Optional.empty();
    }

    private static double times(String letter) {
        return switch (letter) {
            case "k" -> 1e3;
            case "m" -> 1e6;
            default -> 1;
        };
    }
}
