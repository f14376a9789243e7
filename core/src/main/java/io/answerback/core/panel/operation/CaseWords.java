package io.answerback.core.panel.operation;

import io.answerback.core.model.common.Text;

/// Times and signals of a story as text.
public final class CaseWords {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;
    private static final long HOUR = 60 * MINUTE;
    private static final long DAY = 24 * HOUR;

    private CaseWords() {}

    /// A time of a story, such as "08:00:30"; from the second day with its day, such as "day 2, 07:00:20".
    public static String time(long millis) {
        String clock = clock(Math.floorMod(millis, DAY));
        return millis < DAY ? clock : Text.of("day %d, %s", millis / DAY + 1, clock);
    }

    private static String clock(long millis) {
        return Text.of("%02d:%02d:%02d", millis / HOUR, millis % HOUR / MINUTE, millis % MINUTE / SECOND);
    }

    /// A time to the millisecond, such as "08:00:30.200"; whole seconds without a point.
    public static String exact(long millis) {
        return millis % SECOND == 0 ? time(millis) : Text.of("%s.%03d", time(millis), millis % SECOND);
    }

    /// The time that a text says.
    ///
    /// @throws IllegalArgumentException when it is not hours, minutes and seconds
    public static long millis(String text) {
        if (!text.matches("\\d{2,4}:[0-5]\\d:[0-5]\\d(\\.\\d{3})?")) {
            throw new IllegalArgumentException(
                    "time is \"" + text + "\"; write hours:minutes:seconds, such as 08:00:30");
        }
        String[] parts = text.split("[:.]");
        long fraction = parts.length == 4 ? Integer.parseInt(parts[3]) : 0;
        return Integer.parseInt(parts[0]) * HOUR
                + Integer.parseInt(parts[1]) * MINUTE
                + Integer.parseInt(parts[2]) * SECOND
                + fraction;
    }

    static String of(PanelCase.Expected expected) {
        return Text.of(
                "%s %s %s area %02d zone or user %03d",
                time(expected.atMillis()), expected.qualifier(), expected.event(), expected.area(), expected.zone());
    }
}
