package io.answerback.core.paper;

import java.util.ArrayList;
import java.util.List;

/// Breaks words into lines.
final class Lines {
    /// What is longer is cut: no page is read for it, and setting it would take for ever.
    private static final int LONGEST = 2000;

    private Lines() {}

    /// The words in as many lines as they need, a new one where they have one. A single word that is wider
    /// than the line stands alone, and is broken where it must be.
    static List<String> of(String words, double width, double size, boolean strong, Measure measure) {
        List<String> lines = new ArrayList<>();
        String set = words.length() > LONGEST ? words.substring(0, LONGEST) + "…" : words;
        for (String part : set.split("\n")) {
            broken(part, width, size, strong, measure, lines);
        }
        return lines;
    }

    private static void broken(
            String part, double width, double size, boolean strong, Measure measure, List<String> lines) {
        StringBuilder line = new StringBuilder();
        for (String word : part.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (measure.width(longer, size, strong) <= width) {
                line.setLength(0);
                line.append(longer);
                continue;
            }
            if (!line.isEmpty()) {
                lines.add(line.toString());
            }
            String rest = word;
            while (measure.width(rest, size, strong) > width && rest.length() > 1) {
                int fits = fitting(rest, width, size, strong, measure);
                lines.add(rest.substring(0, fits));
                rest = rest.substring(fits);
            }
            line.setLength(0);
            line.append(rest);
        }
        lines.add(line.toString());
    }

    private static int fitting(String word, double width, double size, boolean strong, Measure measure) {
        int fits = 1;
        while (fits < word.length() && measure.width(word.substring(0, fits + 1), size, strong) <= width) {
            fits++;
        }
        return fits;
    }
}
