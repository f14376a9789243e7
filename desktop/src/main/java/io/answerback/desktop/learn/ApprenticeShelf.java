package io.answerback.desktop.learn;

import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.desktop.work.Background;
import io.answerback.files.BrokenFile;
import io.answerback.files.learning.ApprenticeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/// The files of apprentices, in the folder of the application.
final class ApprenticeShelf {
    private static final String NOBODY = "Apprentice";

    private final Path folder;
    private final Background background;
    private final Set<String> whole = new HashSet<>();

    /// @param application where the application keeps what it remembers
    ApprenticeShelf(Path application, Background background) {
        this.folder = application.resolve("apprentices");
        this.background = background;
    }

    /// The apprentice while nobody has given a name.
    static Apprentice nobody() {
        return new Apprentice(NOBODY, List.of());
    }

    private Path file(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        return folder.resolve(plain + ApprenticeFile.ENDING);
    }

    /// Reads what somebody has done; nothing where there is no file yet.
    void read(String name, Consumer<Apprentice> then) {
        background.run(
                () -> {
                    Path file = file(name);
                    return Files.isRegularFile(file)
                            ? new ApprenticeFile(file).read()
                            : new Apprentice(name.strip(), List.of());
                },
                read -> {
                    whole.add(read.name());
                    then.accept(read);
                });
    }

    /// Keeps what somebody has done. A file that could not be read is left as it is: what is in it is not
    /// lost.
    void keep(Apprentice apprentice) {
        if (!whole.contains(apprentice.name())) {
            return;
        }
        background.run(
                () -> {
                    new ApprenticeFile(file(apprentice.name())).write(apprentice);
                    return apprentice;
                },
                kept -> {});
    }

    /// Reads the files of all apprentices.
    void readAll(Consumer<List<Apprentice>> then) {
        background.run(this::everybody, then);
    }

    private List<Apprentice> everybody() throws BrokenFile, IOException {
        List<Apprentice> all = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.filter(its -> its.toString().endsWith(ApprenticeFile.ENDING))
                        .sorted()
                        .toList()) {
                    all.add(new ApprenticeFile(file).read());
                }
            }
        }
        return all;
    }
}
