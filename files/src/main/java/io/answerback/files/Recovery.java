package io.answerback.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Unsaved edits, kept while the application runs and found again after a crash.
///
/// @param folder the application's folder
public record Recovery(Path folder) {
    private static final String NEW = "new-";
    private static final String FORMAT = "answerback-unsaved";
    private static final int LARGEST_BYTES = 64 << 20;

    /// What a new job goes by while it has no file: unlike any other's, and found again by [#newJobs].
    ///
    /// @param now when it was begun
    public static String newKey(Instant now) {
        return NEW + now.toEpochMilli();
    }

    /// The jobs that were begun and never saved, by what they go by, the latest first. A damaged one is set
    /// aside.
    public SortedMap<String, Unsaved> newJobs() {
        SortedMap<String, Unsaved> found = new TreeMap<>(Comparator.reverseOrder());
        if (!Files.isDirectory(unsaved())) {
            return found;
        }
        try (var files = Files.newDirectoryStream(unsaved(), NEW + "*" + JobFile.ENDING)) {
            for (Path file : files) {
                String key = file.getFileName().toString().replace(JobFile.ENDING, "");
                found.put(key, find(key));
            }
        } catch (IOException unreadable) {
            return found;
        }
        return found;
    }

    /// Keeps the job's present state, and with it what was done since its file was written: a log that has it
    /// already would be ahead of the job.
    ///
    /// @param key what the job goes by: its file, or a name while it has none
    /// @param log what was done and is not in the job's log
    /// @throws IOException when the disk refuses
    public void keep(String key, JobDocument document, List<LogLine> log) throws IOException {
        OwnerOnly.folder(folder);
        OwnerOnly.closed(unsaved());
        SafeFile.replace(file(key), text(document, log));
    }

    /// What would be written for the job. Asked for once, ahead of the first edit, it loads everything that
    /// keeping a job needs: the first real one is then as fast as the later ones.
    public static String text(JobDocument document, List<LogLine> log) {
        ObjectNode kept = JobJson.MAPPER.createObjectNode();
        kept.put("format", FORMAT);
        kept.put("basedOn", document.fingerprint());
        kept.set("job", JobCodec.tree(document));
        kept.set("log", JobJson.MAPPER.valueToTree(log));
        return kept.toString();
    }

    /// What was kept of a job and never cleared. What is damaged is set aside.
    public Unsaved find(String key) {
        Path file = file(key);
        if (!Files.exists(file)) {
            SafeFile.sweep(file);
            return new Unsaved.Nothing();
        }
        try {
            return Boundary.read(file.toString(), "", () -> read(TextFile.text(file, LARGEST_BYTES), file));
        } catch (BrokenFile damaged) {
            return new Unsaved.Damaged(setAside(file), damaged.getMessage());
        }
    }

    /// An earlier version kept the bare job.
    private static Unsaved.Kept read(String text, Path file) throws BrokenFile {
        try {
            JsonNode tree = JobJson.MAPPER.readTree(text);
            return tree.path("format").asString("").equals(FORMAT)
                    ? new Unsaved.Kept(
                            JobCodec.read(tree.path("job").toString(), file.toString())
                                    .withFingerprint(tree.path("basedOn").asString("")),
                            log(tree.path("log")))
                    : new Unsaved.Kept(JobCodec.read(text, file.toString()), List.of());
        } catch (JacksonException broken) {
            throw JsonComplaint.about(broken, file.toString(), "");
        }
    }

    /// Lines that cannot be read are left out: the job counts.
    private static List<LogLine> log(JsonNode lines) {
        List<LogLine> log = new ArrayList<>();
        for (JsonNode line : lines) {
            try {
                log.add(new LogLine(
                        Instant.parse(line.path("at").asString("")),
                        line.path("by").asString(""),
                        line.path("what").asString("")));
            } catch (DateTimeException unreadable) {
                continue;
            }
        }
        return log;
    }

    private static Path setAside(Path file) {
        for (int number = 1; number < 1000; number++) {
            Path aside = file.resolveSibling("%s.damaged-%d".formatted(file.getFileName(), number));
            if (!Files.exists(aside)) {
                try {
                    return Files.move(file, aside, StandardCopyOption.ATOMIC_MOVE);
                } catch (IOException refused) {
                    return file;
                }
            }
        }
        return file;
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
