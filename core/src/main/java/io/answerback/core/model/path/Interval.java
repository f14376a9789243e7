package io.answerback.core.model.path;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A time as somebody types it: "5 s", "200 ms", "3 min", "25 h"; a bare number is in seconds.
public final class Interval {
    private static final Pattern TYPED = Pattern.compile("(\\d{1,7}(?:[.,]\\d{1,3})?)\\s*(ms|s|min|h)?");

    private Interval() {}

    /// The time in milliseconds.
    ///
    /// @throws IllegalArgumentException when it is none, saying how to write it
    public static int millis(String typed) {
        Matcher parts = TYPED.matcher(typed.strip().toLowerCase(Locale.ROOT));
        if (!parts.matches()) {
            throw new IllegalArgumentException(
                    "\"" + typed.strip() + "\" is no time; write it as 5 s, 200 ms, 3 min or 25 h");
        }
        double number = Double.parseDouble(parts.group(1).replace(',', '.'));
        double factor = switch (parts.group(2) == null ? "s" : parts.group(2)) {
            case "ms" -> 1;
            case "min" -> 60_000;
            case "h" -> 3_600_000;
            default -> 1000;
        };
        double millis = number * factor;
        if (millis > Integer.MAX_VALUE) {
            throw new IllegalArgumentException("\"" + typed.strip() + "\" is longer than 500 h");
        }
        return (int) Math.round(millis);
    }

    /// The same in whole seconds.
    ///
    /// @throws IllegalArgumentException when it is none, saying how to write it
    public static int seconds(String typed) {
        return (int) Math.round(millis(typed) / 1000.0);
    }
}
