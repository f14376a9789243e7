package io.answerback.files.record;

import io.answerback.files.LogLine;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// One reading of a log from its first line to its last, a line at a time: whether each follows the one before.
final class LogReading {
    private static final String BEGIN = "begin";
    private static final int LONGEST_LINE_BYTES = 1 << 20;
    private static final int BLOCK_BYTES = 1 << 16;
    private static final JsonMapper MAPPER = new JsonMapper();

    private final List<LogLine> lines = new ArrayList<>();
    private final Optional<String> sought;
    private boolean found;
    private String own = BEGIN;
    private int number;
    private int brokenAt;

    private LogReading(Optional<String> sought) {
        this.sought = sought;
    }

    /// Reads a log; without a file it has no lines.
    ///
    /// @param sought the fingerprint of a line that must be there; empty where none is known
    /// @throws IOException when the file cannot be read
    static LogReading of(Path file, Optional<String> sought) throws IOException {
        LogReading reading = new LogReading(sought);
        if (Files.isRegularFile(file)) {
            try (InputStream in = Files.newInputStream(file)) {
                reading.through(in);
            }
        }
        return reading;
    }

    /// Everything that can be read, the first first.
    List<LogLine> lines() {
        return lines;
    }

    /// The first line, from 1, that does not follow the one before; empty where all do.
    Optional<Integer> brokenAt() {
        return brokenAt == 0 ? Optional.empty() : Optional.of(brokenAt);
    }

    /// What a new line goes on from.
    String own() {
        return own;
    }

    /// Whether the line that must be there is not.
    boolean missing() {
        return sought.isPresent() && !found;
    }

    static String fingerprint(String before, LogLine line) {
        return Fingerprint.of(String.join("\n", before, line.at().toString(), line.by(), line.what()));
    }

    /// Of a line that is longer than any that is written only the beginning is kept: it cannot be read then,
    /// and is said to be broken.
    private void through(InputStream in) throws IOException {
        byte[] block = new byte[BLOCK_BYTES];
        ByteArrayOutputStream begun = new ByteArrayOutputStream();
        for (int length = in.read(block); length >= 0; length = in.read(block)) {
            int from = 0;
            for (int at = 0; at < length; at++) {
                if (block[at] == '\n' || block[at] == '\r') {
                    ended(begun, block, from, at);
                    from = at + 1;
                }
            }
            begun.write(block, from, Math.min(length - from, Math.max(0, LONGEST_LINE_BYTES - begun.size())));
        }
        ended(begun, block, 0, 0);
    }

    private void ended(ByteArrayOutputStream begun, byte[] block, int from, int to) {
        String line = new String(block, from, to - from, StandardCharsets.UTF_8);
        if (begun.size() > 0) {
            begun.write(block, from, to - from);
            line = begun.toString(StandardCharsets.UTF_8);
            begun.reset();
        }
        if (!line.isBlank()) {
            number++;
            take(line);
        }
    }

    private void take(String line) {
        Optional<JsonNode> node = node(line);
        Optional<LogLine> logged = node.flatMap(LogReading::logged);
        String itsOwn = node.map(its -> its.path("own").asString("")).orElse("");
        boolean follows = logged.isPresent()
                && own.equals(node.orElseThrow().path("before").asString(""))
                && fingerprint(own, logged.get()).equals(itsOwn);
        if (!follows && brokenAt == 0) {
            brokenAt = number;
        }
        logged.ifPresent(lines::add);
        own = itsOwn.isEmpty() ? Fingerprint.of(line) : itsOwn;
        found |= sought.filter(own::equals).isPresent();
    }

    private static Optional<JsonNode> node(String line) {
        try {
            return Optional.of(MAPPER.readTree(line));
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<LogLine> logged(JsonNode node) {
        try {
            return Optional.of(new LogLine(
                    Instant.parse(node.path("at").asString("")),
                    node.path("by").asString(""),
                    node.path("what").asString("")));
        } catch (DateTimeException unreadable) {
            return Optional.empty();
        }
    }
}
