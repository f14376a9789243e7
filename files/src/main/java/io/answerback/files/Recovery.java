package io.answerback.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;

/// Unsaved edits, kept while the application runs and found again after a crash.
///
/// @param folder the application's folder
public record Recovery(Path folder) {
    private static final String NEW = "new-";

    /// What a new job goes by while it has no file: unlike any other's, and found again by [#newJobs].
    ///
    /// @param now when it was begun
    public static String newKey(Instant now) {
        return NEW + now.toEpochMilli();
    }

    /// The jobs that were begun and never saved, by what they go by, the latest first.
    public SortedMap<String, JobDocument> newJobs() {
        SortedMap<String, JobDocument> found = new TreeMap<>(Comparator.reverseOrder());
        if (!Files.isDirectory(unsaved())) {
            return found;
        }
        try (var files = Files.newDirectoryStream(unsaved(), NEW + "*" + JobFile.ENDING)) {
            for (Path file : files) {
                String key = file.getFileName().toString().replace(JobFile.ENDING, "");
                find(key).ifPresent(job -> found.put(key, job));
            }
        } catch (IOException unreadable) {
            return found;
        }
        return found;
    }

    /// Keeps the job's present state.
    ///
    /// @param key what the job goes by: its file, or a name while it has none
    /// @throws IOException when the disk refuses
    public void keep(String key, JobDocument document) throws IOException {
        SafeFile.replace(file(key), JobCodec.write(document));
    }

    /// What was kept of a job and never cleared; empty when nothing was, or it cannot be read.
    public Optional<JobDocument> find(String key) {
        if (!Files.exists(unsaved()) || !Files.exists(file(key))) {
            return Optional.empty();
        }
        try {
            return Optional.of(JobFile.open(file(key)));
        } catch (BrokenFile unreadable) {
            return Optional.empty();
        }
    }

    /// Forgets a job: it was saved, or its edits were given up.
    ///
    /// @throws IOException when the disk refuses
    public void clear(String key) throws IOException {
        Files.deleteIfExists(file(key));
    }

    private Path file(String key) {
        String name = key.matches(NEW + "\\d+")
                ? key
                : UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)).toString();
        return unsaved().resolve(name + JobFile.ENDING);
    }

    private Path unsaved() {
        return folder.resolve("unsaved");
    }
}
