package io.answerback.files.record;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// The log of a job: everything that was done, a line each, in a file beside the job. Lines are only added. Each
/// holds its own fingerprint, into which that of the line before it goes: a line that was changed, removed or put
/// in between is noticed. How far the log went is kept in a second file beside it, so that lines cut off at its
/// end are noticed too.
public final class JobLog {
    private static final String BEGIN = "begin";
    private static final JsonMapper MAPPER = new JsonMapper();

    private final Path file;
    private final Path end;

    /// How far the log went when it was last written.
    ///
    /// @param bytes how long its file was
    /// @param own the fingerprint of its last line
    private record End(long bytes, String own) {}

    /// Something that was done.
    ///
    /// @param at when
    /// @param by who, as initials; may be empty
    /// @param what what, in words
    public record Entry(Instant at, String by, String what) {}

    /// What a log holds.
    ///
    /// @param entries everything that can be read, the first first
    /// @param broken where it was changed by hand or cut short, in words; empty where it is whole
    public record Read(List<Entry> entries, Optional<String> broken) {
        public Read {
            entries = List.copyOf(entries);
        }
    }

    private JobLog(Path file, Path end) {
        this.file = file;
        this.end = end;
    }

    /// The log beside a job file.
    public static JobLog beside(Path jobFile) {
        return new JobLog(SideFiles.of(jobFile, SideFiles.LOG), SideFiles.of(jobFile, SideFiles.LOG_END));
    }

    /// Where it is.
    public Path file() {
        return file;
    }

    /// Adds what was done. A log that was broken goes on behind its last line.
    ///
    /// @throws IOException when the disk refuses; nothing that was there is lost
    public synchronized void add(List<Entry> entries) throws IOException {
        String before = last();
        StringBuilder text = new StringBuilder();
        for (Entry entry : entries) {
            String own = fingerprint(before, entry);
            text.append(MAPPER.createObjectNode()
                            .put("at", entry.at().toString())
                            .put("by", entry.by())
                            .put("what", entry.what())
                            .put("before", before)
                            .put("own", own))
                    .append('\n');
            before = own;
        }
        Files.createDirectories(file.toAbsolutePath().getParent());
        append(text.toString());
        Files.writeString(end, Files.size(file) + " " + before + "\n");
    }

    /// What a new line goes on from. Behind lines that were cut off it goes on from the one that is missing, so
    /// that the log stays broken there.
    private String last() throws IOException {
        Optional<End> known = end();
        if (known.isPresent()
                && Files.isRegularFile(file)
                && Files.size(file) == known.get().bytes()) {
            return known.get().own();
        }
        List<String> there = lines();
        if (missing(known, there)) {
            return known.orElseThrow().own();
        }
        return there.isEmpty() ? BEGIN : own(there.getLast());
    }

    private Optional<End> end() throws IOException {
        if (!Files.isRegularFile(end)) {
            return Optional.empty();
        }
        String text = new String(Files.readAllBytes(end), StandardCharsets.UTF_8).strip();
        return text.matches("\\d{1,15} [0-9a-f]{64}")
                ? Optional.of(new End(
                        Long.parseLong(text.substring(0, text.indexOf(' '))), text.substring(text.indexOf(' ') + 1)))
                : Optional.empty();
    }

    private static boolean missing(Optional<End> known, List<String> lines) {
        return known.filter(its -> lines.reversed().stream().map(JobLog::own).noneMatch(its.own()::equals))
                .isPresent();
    }

    /// A line that was cut short, as when the power failed, is ended first; what the disk takes only in part is
    /// taken back.
    private void append(String text) throws IOException {
        try (FileChannel channel =
                FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
            long end = channel.size();
            ByteBuffer bytes = StandardCharsets.UTF_8.encode(endsALine(channel) ? text : "\n" + text);
            try {
                channel.position(end);
                while (bytes.hasRemaining()) {
                    channel.write(bytes);
                }
                channel.force(true);
            } catch (IOException refused) {
                channel.truncate(end);
                throw refused;
            }
        }
    }

    private static boolean endsALine(FileChannel channel) throws IOException {
        ByteBuffer last = ByteBuffer.allocate(1);
        return channel.size() == 0 || channel.read(last, channel.size() - 1) < 1 || last.get(0) == '\n';
    }

    private static String fingerprint(String before, Entry entry) {
        return Fingerprint.of(String.join("\n", before, entry.at().toString(), entry.by(), entry.what()));
    }

    /// What the next line goes on from: the line's own fingerprint, or that of its text where it cannot be read.
    private static String own(String line) {
        return node(line)
                .map(its -> its.path("own").asString(""))
                .filter(own -> !own.isEmpty())
                .orElseGet(() -> Fingerprint.of(line));
    }

    private static boolean follows(Optional<JsonNode> node, String before) {
        return node.filter(its -> before.equals(its.path("before").asString("")))
                .filter(its -> entry(its)
                        .filter(entry -> fingerprint(before, entry)
                                .equals(its.path("own").asString("")))
                        .isPresent())
                .isPresent();
    }

    private List<String> lines() throws IOException {
        return Files.isRegularFile(file)
                ? new String(Files.readAllBytes(file), StandardCharsets.UTF_8)
                        .lines()
                        .filter(line -> !line.isBlank())
                        .toList()
                : List.of();
    }

    /// Reads it whole; what cannot be read is passed over and said.
    ///
    /// @throws IOException when the file cannot be read at all
    public synchronized Read read() throws IOException {
        List<Entry> entries = new ArrayList<>();
        Optional<String> broken = Optional.empty();
        String before = BEGIN;
        int number = 0;
        List<String> lines = lines();
        for (String line : lines) {
            number++;
            Optional<JsonNode> node = node(line);
            if (!follows(node, before) && broken.isEmpty()) {
                broken = Optional.of(
                        "Line %d of %s is not as it was written, or does not follow the one before it: the log was changed by hand, or writing it was cut short."
                                .formatted(number, file.getFileName()));
            }
            node.flatMap(JobLog::entry).ifPresent(entries::add);
            before = own(line);
        }
        if (broken.isEmpty() && missing(end(), lines)) {
            broken = Optional.of(
                    "Lines are missing at the end of %s. Restore a complete copy of the log, or note at hand-over that it is incomplete."
                            .formatted(file.getFileName()));
        }
        return new Read(entries, broken);
    }

    private static Optional<JsonNode> node(String line) {
        try {
            return Optional.of(MAPPER.readTree(line));
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<Entry> entry(JsonNode node) {
        try {
            return Optional.of(new Entry(
                    Instant.parse(node.path("at").asString("")),
                    node.path("by").asString(""),
                    node.path("what").asString("")));
        } catch (java.time.DateTimeException unreadable) {
            return Optional.empty();
        }
    }
}
