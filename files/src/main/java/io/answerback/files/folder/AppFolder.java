package io.answerback.files.folder;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/// Where the application keeps what it remembers between starts: the folder in the environment variable
/// `ANSWERBACK_HOME` (or system property `answerback.home`), else the usual one of this system.
public final class AppFolder {
    private AppFolder() {}

    /// The folder; it may not exist yet.
    public static Path find() {
        return Optional.ofNullable(System.getProperty("answerback.home"))
                .or(() -> Optional.ofNullable(System.getenv("ANSWERBACK_HOME")))
                .filter(named -> !named.isBlank())
                .map(Path::of)
                .orElseGet(AppFolder::usual);
    }

    private static Path usual() {
        Path home = home();
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        if (system.contains("win")) {
            return Optional.ofNullable(System.getenv("LOCALAPPDATA"))
                    .filter(named -> !named.isBlank())
                    .map(Path::of)
                    .orElse(home)
                    .resolve("Answerback");
        }
        if (system.contains("mac")) {
            return home.resolve("Library/Application Support/Answerback");
        }
        return Optional.ofNullable(System.getenv("XDG_STATE_HOME"))
                .filter(named -> !named.isBlank())
                .map(Path::of)
                .orElse(home.resolve(".local/state"))
                .resolve("answerback");
    }

    /// The user's own folder; where the system knows none, as for a user without an entry, one among its
    /// temporary files.
    public static Path home() {
        String home = System.getProperty("user.home", "");
        return home.isBlank() || home.equals("?") || !Files.isDirectory(Path.of(home))
                ? Path.of(System.getProperty("java.io.tmpdir"))
                        .resolve("answerback-" + System.getProperty("user.name", "user"))
                : Path.of(home);
    }
}
