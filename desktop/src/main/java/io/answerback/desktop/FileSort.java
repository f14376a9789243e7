package io.answerback.desktop;

import io.answerback.files.SettingsFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/// What sort of file one is, by its name.
final class FileSort {
    private static final List<String> TABLES = List.of(".csv", ".tsv", ".txt");

    private FileSort() {}

    /// House rules or a panel profile.
    static boolean settings(Path file) {
        String name = name(file);
        return name.endsWith(SettingsFile.RULES_ENDING) || name.endsWith(SettingsFile.PROFILE_ENDING);
    }

    /// A table.
    static boolean table(Path file) {
        return TABLES.stream().anyMatch(name(file)::endsWith);
    }

    private static String name(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT);
    }
}
