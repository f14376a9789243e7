package io.answerback.files.record;

import io.answerback.files.DiskWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The files that belong to a job file and lie beside it: its log and the folder of its photographs, named
/// after it.
public final class SideFiles {
    static final String LOG = ".log.jsonl";
    static final String LOG_END = ".log.end";
    static final String PHOTOGRAPHS = ".photographs";

    private static final List<String> ENDINGS = List.of(LOG, LOG_END, PHOTOGRAPHS);
    private static final String JOB = ".answerback.json";

    private SideFiles() {}

    /// Where something with this ending lies beside a job file.
    static Path of(Path jobFile, String ending) {
        return jobFile.resolveSibling(stem(jobFile) + ending);
    }

    private static String stem(Path jobFile) {
        String name = jobFile.getFileName().toString();
        return name.endsWith(JOB) ? name.substring(0, name.length() - JOB.length()) : name;
    }

    /// Copies log and photographs of a job that was saved as another file. What lay beside that file belongs to
    /// the job it held before: it is renamed and kept, such as "site (before 1).log.jsonl".
    ///
    /// @param from the job file whose log and photographs they are; empty when the job had no file
    /// @param to the file it was saved as; where that is the same one, nothing is done
    /// @return what was moved and to where, or what could not be copied and why, with what to do; empty
    ///     when everything was copied and nothing was in the way
    public static Optional<String> copy(Optional<Path> from, Path to) {
        if (from.isPresent() && place(from.get()).equals(place(to))) {
            return Optional.empty();
        }
        try {
            List<String> moved = moveAside(to);
            for (String ending : ENDINGS) {
                if (from.isPresent()) {
                    copyOne(of(from.get(), ending), of(to, ending));
                }
            }
            return moved.isEmpty()
                    ? Optional.empty()
                    : Optional.of("It is saved. What belonged to the job that was there is kept as %s."
                            .formatted(String.join(", ", moved)));
        } catch (IOException refused) {
            return Optional.of(
                    "It is saved, but its log and photographs could not all be copied from beside %s: %s. Copy them by hand."
                            .formatted(from.orElse(to), DiskWords.of(refused)));
        }
    }

    private static Path place(Path file) {
        return file.toAbsolutePath().normalize();
    }

    /// @return the names under which it is kept
    private static List<String> moveAside(Path to) throws IOException {
        List<String> moved = new ArrayList<>();
        int number = 1;
        while (anyAside(to, number)) {
            number++;
        }
        for (String ending : ENDINGS) {
            Path other = of(to, ending);
            if (Files.exists(other)) {
                Path kept = aside(to, number, ending);
                Files.move(other, kept);
                moved.add(kept.getFileName().toString());
            }
        }
        return moved;
    }

    private static boolean anyAside(Path to, int number) {
        return ENDINGS.stream().anyMatch(ending -> Files.exists(aside(to, number, ending)));
    }

    private static Path aside(Path to, int number, String ending) {
        return to.resolveSibling("%s (before %d)%s".formatted(stem(to), number, ending));
    }

    private static void copyOne(Path from, Path to) throws IOException {
        if (Files.isDirectory(from)) {
            Files.createDirectories(to);
            try (Stream<Path> files = Files.list(from)) {
                for (Path file : files.filter(Files::isRegularFile).toList()) {
                    Files.copy(file, to.resolve(file.getFileName()));
                }
            }
        } else if (Files.isRegularFile(from)) {
            Files.copy(from, to);
        }
    }
}
