package io.answerback.core.operation;

import io.answerback.core.common.Text;

/// Times and signals of a story as text.
public final class CaseWords {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;
    private static final long HOUR = 60 * MINUTE;

    private CaseWords() {}

    /// A time, such as "08:00:30"; hours go on beyond 24.
    public static String time(long millis) {
        return Text.of("%02d:%02d:%02d", millis / HOUR, millis % HOUR / MINUTE, millis % MINUTE / SECOND);
    }

    /// The time that a text says.
    ///
    /// @throws IllegalArgumentException when it is not hours, minutes and seconds
    public static long millis(String text) {
        if (!text.matches("\\d{2,4}:[0-5]\\d:[0-5]\\d")) {
            throw new IllegalArgumentException(
                    "time is \"" + text + "\"; write hours:minutes:seconds, such as 08:00:30");
        }
        String[] parts = text.split(":");
        return Integer.parseInt(parts[0]) * HOUR
                + Integer.parseInt(parts[1]) * MINUTE
                + Integer.parseInt(parts[2]) * SECOND;
    }

    static String of(PanelCase.Expected expected) {
        return Text.of(
                "%s %s %s area %02d zone or user %03d",
                time(expected.atMillis()), expected.qualifier(), expected.event(), expected.area(), expected.zone());
    }
}
