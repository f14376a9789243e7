package io.answerback.desktop.work;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/// The ending of a file's name, completed where somebody or a dialog left out some of it.
public final class FileEnding {
    private FileEnding() {}

    /// The file with a whole ending.
    ///
    /// @param patterns what the names of this sort look like, such as "*.answerback.json"; one without an
    ///     ending, such as "*", asks for nothing
    public static Path completed(Path file, List<String> patterns) {
        List<String> endings =
                patterns.stream().map(pattern -> pattern.replace("*", "")).toList();
        String name = file.getFileName().toString();
        String small = name.toLowerCase(Locale.ROOT);
        boolean whole =
                endings.stream().map(its -> its.toLowerCase(Locale.ROOT)).anyMatch(small::endsWith);
        if (whole || endings.isEmpty()) {
            return file;
        }
        return file.resolveSibling(withoutPart(name, endings.getFirst()) + endings.getFirst());
    }

    /// Of "yard.json" and "yard.answerback", both "yard" where the whole ending is ".answerback.json".
    private static String withoutPart(String name, String ending) {
        int second = ending.indexOf('.', 1);
        if (second < 0) {
            return name;
        }
        for (String part : List.of(ending.substring(second), ending.substring(0, second))) {
            if (name.toLowerCase(Locale.ROOT).endsWith(part)) {
                return name.substring(0, name.length() - part.length());
            }
        }
        return name;
    }
}
