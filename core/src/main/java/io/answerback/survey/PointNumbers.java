package io.answerback.survey;

import io.answerback.job.Area;
import io.answerback.job.Job;
import java.util.Set;
import java.util.stream.Collectors;

/// How points and areas are numbered.
public final class PointNumbers {
    private PointNumbers() {}

    /// A number as a point's id: at least two digits, "07".
    public static String padded(int number) {
        return "%02d".formatted(number);
    }

    /// The lowest number above every point's.
    public static String next(Job job) {
        return padded(job.points().stream()
                        .map(point -> point.id())
                        .filter(id -> id.matches("\\d{1,6}"))
                        .mapToInt(Integer::parseInt)
                        .max()
                        .orElse(0)
                + 1);
    }

    /// The lowest number no area has; 100 when all 99 are taken.
    public static int nextArea(Job job) {
        Set<Integer> taken = job.areas().stream().map(Area::number).collect(Collectors.toSet());
        int number = 1;
        while (taken.contains(number)) {
            number++;
        }
        return number;
    }

    /// A text with a capital first letter.
    static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
    }
}
