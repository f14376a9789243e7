package io.answerback.files.record;

import io.answerback.files.LogLine;
import io.answerback.files.WritingLock;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/// The log of a job: everything that was done, a line each, in a file beside the job. Lines are only added.
/// Each holds its own fingerprint, into which that of the line before it goes: a line that was changed,
/// removed or put in between is noticed. How far the log went is kept in a second file beside it, so that
/// lines cut off at its end are noticed too, and so that adding a line takes as long however long the log is.
/// Whoever adds holds the log alone, over all programs of this computer.
public final class JobLog {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final int END_BYTES = 15 + 1 + 64 + 1;

    private final Path file;
    private final Path end;

    /// How far the log went when it was last written.
    ///
    /// @param bytes how long its file was
    /// @param own the fingerprint of its last line
    private record End(long bytes, String own) {}

    /// What a log holds.
    ///
    /// @param lines everything that can be read, the first first
    /// @param broken where it was changed by hand or cut short, in words; empty where it is whole
    public record Read(List<LogLine> lines, Optional<String> broken) {
        public Read {
            lines = List.copyOf(lines);
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

    /// Adds what was done; waits while another window or program adds to it. A log that was broken goes on
    /// behind its last line.
    ///
    /// @throws IOException when the disk refuses; nothing that was there is lost
    public void add(List<LogLine> lines) throws IOException {
        if (lines.isEmpty()) {
            return;
        }
        Files.createDirectories(file.toAbsolutePath().getParent());
        WritingLock.holding(file, () -> {
            addUnderLock(lines);
            return lines;
        });
    }

    private void addUnderLock(List<LogLine> lines) throws IOException {
        try (FileChannel channel =
                FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
            String before = last(channel.size());
            StringBuilder text = new StringBuilder();
            for (LogLine line : lines) {
                String own = LogReading.fingerprint(before, line);
                text.append(written(line, before, own)).append('\n');
                before = own;
            }
            long bytes = channel.size();
            append(channel, text.toString());
            try {
                ends(channel.size(), before);
            } catch (IOException refused) {
                channel.truncate(bytes);
                throw refused;
            }
        }
    }

    /// Those of some lines that the log does not have yet. They were done one after the other, and the first of
    /// them may have been added before the program was ended.
    ///
    /// @throws IOException when the log cannot be read
    public List<LogLine> lacks(List<LogLine> lines) throws IOException {
        if (lines.isEmpty()) {
            return lines;
        }
        List<LogLine> there = read().lines();
        for (int had = Math.min(lines.size(), there.size()); had > 0; had--) {
            if (there.subList(there.size() - had, there.size()).equals(lines.subList(0, had))) {
                return lines.subList(had, lines.size());
            }
        }
        return lines;
    }

    /// Always as long as before, and so never half there.
    private void ends(long bytes, String own) throws IOException {
        try (FileChannel channel = FileChannel.open(end, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            channel.write(ByteBuffer.wrap("%015d %s\n".formatted(bytes, own).getBytes(StandardCharsets.UTF_8)));
            channel.truncate(END_BYTES);
        }
    }

    private static String written(LogLine line, String before, String own) {
        return MAPPER.createObjectNode()
                .put("at", line.at().toString())
                .put("by", line.by())
                .put("what", line.what())
                .put("before", before)
                .put("own", own)
                .toString();
    }

    /// What a new line goes on from. Behind lines that were cut off it goes on from the one that is missing, so
    /// that the log stays broken there.
    private String last(long bytes) throws IOException {
        Optional<End> known = end();
        if (known.isPresent() && bytes == known.get().bytes()) {
            return known.get().own();
        }
        LogReading reading = LogReading.of(file, known.map(End::own));
        return reading.missing() ? known.orElseThrow().own() : reading.own();
    }

    private Optional<End> end() throws IOException {
        if (!Files.isRegularFile(end)) {
            return Optional.empty();
        }
        String text;
        try (InputStream in = Files.newInputStream(end)) {
            text = new String(in.readNBytes(100), StandardCharsets.UTF_8).strip();
        }
        return text.matches("\\d{1,15} [0-9a-f]{64}")
                ? Optional.of(new End(
                        Long.parseLong(text.substring(0, text.indexOf(' '))), text.substring(text.indexOf(' ') + 1)))
                : Optional.empty();
    }

    /// A line that was cut short, as when the power failed, is ended first; what the disk takes only in part is
    /// cut off again.
    private static void append(FileChannel channel, String text) throws IOException {
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

    private static boolean endsALine(FileChannel channel) throws IOException {
        ByteBuffer last = ByteBuffer.allocate(1);
        return channel.size() == 0 || channel.read(last, channel.size() - 1) < 1 || last.get(0) == '\n';
    }

    /// Reads it whole; what cannot be read is passed over and said.
    ///
    /// @throws IOException when the file cannot be read at all
    public Read read() throws IOException {
        LogReading reading = mayChange() ? WritingLock.holding(file, this::reading) : reading();
        Optional<String> broken = reading.brokenAt()
                .map(number ->
                        "Line %d of %s is not as it was written, or does not follow the one before it: the log was changed by hand, or writing it was cut short."
                                .formatted(number, file.getFileName()));
        if (broken.isEmpty() && reading.missing()) {
            broken = Optional.of(
                    "Lines are missing at the end of %s. Restore a complete copy of the log, or note at hand-over that it is incomplete."
                            .formatted(file.getFileName()));
        }
        return new Read(reading.lines(), broken);
    }

    /// Where there is no log, or nothing can be written, there is no writer to wait for.
    private boolean mayChange() {
        return Files.isRegularFile(file)
                && Files.isWritable(file.toAbsolutePath().getParent());
    }

    private LogReading reading() throws IOException {
        return LogReading.of(file, end().map(End::own));
    }
}
