package io.answerback.core.survey;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Job;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// How points and areas are numbered.
public final class PointNumbers {
    private static final Pattern NUMBERED = Pattern.compile("(.*\\D)(\\d{1,4})");

    private PointNumbers() {}

    /// A number as a point's id: at least two digits, "07".
    public static String padded(int number) {
        return Text.of("%02d", number);
    }

    /// The lowest number above every point's.
    public static String next(Job job) {
        return padded(job.points().stream()
                        .map(point -> point.id().text())
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

    /// The name of the next of its sort: a number at its end counts on, else "2" is put there.
    public static String nextName(String name) {
        Matcher numbered = NUMBERED.matcher(name);
        return numbered.matches() ? numbered.group(1) + (Integer.parseInt(numbered.group(2)) + 1) : name + " 2";
    }

    /// A text with a capital first letter.
    static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
    }
}
