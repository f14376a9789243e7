package io.answerback.core.model.profile;

import io.answerback.core.model.common.Text;

/// Times of day as text, such as "22:00" and "06:00-20:00".
public final class DayTimes {
    /// A time of day as a pattern.
    static final String TIME = "([01]\\d|2[0-3]):[0-5]\\d";
    /// From one time of day to another as a pattern.
    static final String SPAN = TIME + "-" + TIME;

    private static final long MINUTE_MILLIS = 60_000;
    private static final long HOUR_MILLIS = 60 * MINUTE_MILLIS;
    private static final int MINUTES_AT = 3;
    private static final int LENGTH = 5;

    private DayTimes() {}

    /// The milliseconds since midnight of a time of day.
    ///
    /// @throws IllegalArgumentException when it is none
    public static long millis(String time) {
        if (!time.matches(TIME)) {
            throw new IllegalArgumentException(Text.of("\"%s\" is no time of day such as 22:00", time));
        }
        return Integer.parseInt(time.substring(0, 2)) * HOUR_MILLIS
                + Integer.parseInt(time.substring(MINUTES_AT)) * MINUTE_MILLIS;
    }

    /// The milliseconds since midnight at which a span begins.
    ///
    /// @throws IllegalArgumentException when it is no span
    public static long from(String span) {
        return millis(required(span).substring(0, LENGTH));
    }

    /// The milliseconds since midnight at which a span ends; before its beginning where it goes over midnight.
    ///
    /// @throws IllegalArgumentException when it is no span
    public static long until(String span) {
        return millis(required(span).substring(LENGTH + 1));
    }

    private static String required(String span) {
        if (!span.matches(SPAN)) {
            throw new IllegalArgumentException(Text.of("\"%s\" is no span such as 06:00-20:00", span));
        }
        return span;
    }
}
