package io.answerback.core.model.common;

/// Guards for figures that come from people and files: each failure says what, what was given and what is
/// allowed.
public final class Require {
    private Require() {}

    /// Returns `value` when it is a finite number from `least` to `most`, both included.
    ///
    /// @param what the figure's name with its unit, as the user knows it, such as "cable length in metres"
    /// @throws IllegalArgumentException when it is not, naming the figure, the value and the bounds
    public static double within(double value, double least, double most, String what) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(
                    Text.of("%s is %s; it must be from %s to %s", what, plain(value), plain(least), plain(most)));
        }
        return value;
    }

    /// Returns `value` when it is from `least` to `most`, both included.
    ///
    /// @throws IllegalArgumentException when it is not, naming the figure, the value and the bounds
    public static int within(int value, int least, int most, String what) {
        within((double) value, least, most, what);
        return value;
    }

    /// Returns `text` without surrounding blanks.
    ///
    /// @throws IllegalArgumentException when it is null or blank, or has a control character in it, such as a
    ///     line end: no label, log or report can show one
    public static String text(String text, String what) {
        if (text == null || text.isBlank()) {
            throw new IllegalArgumentException(what + " is empty; give it a value");
        }
        String plain = text.strip();
        plain.chars().filter(Character::isISOControl).findFirst().ifPresent(control -> {
            throw new IllegalArgumentException(
                    Text.of("%s has a control character (U+%04X) in it; type it without", what, control));
        });
        return plain;
    }

    /// Returns `value`.
    ///
    /// @throws IllegalArgumentException when it is null
    public static <T> T given(T value, String what) {
        if (value == null) {
            throw new IllegalArgumentException(what + " is missing");
        }
        return value;
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
