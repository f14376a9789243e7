package io.answerback.desktop.shell;

import io.answerback.files.JobFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/// Questions about where files are. They read the disk: never on the JavaFX thread.
final class FilePlaces {
    private FilePlaces() {}

    /// Whether two names lead to one file, also where that is not there any more.
    static boolean same(Path one, Path other) {
        try {
            return place(one).equals(place(other))
                    || Files.exists(one) && Files.exists(other) && Files.isSameFile(one, other);
        } catch (IOException unknown) {
            return false;
        }
    }

    private static Path place(Path file) {
        return file.toAbsolutePath().normalize();
    }

    /// A name beside a file that nothing has yet, for this window's state of its job.
    static Path beside(Path file) {
        String name = file.getFileName().toString();
        String stem = name.endsWith(JobFile.ENDING) ? name.substring(0, name.length() - JobFile.ENDING.length()) : name;
        int number = 1;
        Path beside = file.resolveSibling("%s (mine)%s".formatted(stem, JobFile.ENDING));
        while (Files.exists(beside)) {
            number++;
            beside = file.resolveSibling("%s (mine %d)%s".formatted(stem, number, JobFile.ENDING));
        }
        return beside;
    }
}
