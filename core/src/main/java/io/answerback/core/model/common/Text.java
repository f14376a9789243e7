package io.answerback.core.model.common;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/// Words with figures in them. Whatever the language of the machine, decimals have a point and digits are 0 to 9:
/// figures on a job are compared and typed again, so there is one way to write them.
public final class Text {
    /// How figures are written.
    public static final Locale FIGURES = Locale.ROOT;

    private Text() {}

    /// A pattern with its figures.
    ///
    /// @param pattern as of [java.util.Formatter]
    /// @throws java.util.IllegalFormatException when pattern and figures do not fit
    public static String of(String pattern, Object... figures) {
        return String.format(FIGURES, pattern, figures);
    }

    /// A number of things that make their plural with an s, such as "1 visit" or "3 visits".
    public static String counted(long count, String thing) {
        return of("%d %s%s", count, thing, count == 1 ? "" : "s");
    }

    /// Things of which one is chosen, such as "1400, 1800 or 2300"; empty text for none.
    public static String either(List<String> things) {
        if (things.size() < 2) {
            return listed(things);
        }
        return listed(things.subList(0, things.size() - 1)) + " or " + things.getLast();
    }

    /// Things one after the other with commas between them, such as "C-01, C-02"; empty text for none.
    public static String listed(Collection<?> things) {
        return things.stream().map(Object::toString).collect(Collectors.joining(", "));
    }
}
