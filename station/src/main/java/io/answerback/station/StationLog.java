package io.answerback.station;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/// The station's log on disk, a line of JSON a signal. When it reaches its largest size it becomes the old
/// log, and the one before that is dropped.
public final class StationLog {
    private static final long LARGEST_BYTES = 4L << 20;

    private final Path file;

    /// A log in this file, begun or gone on with.
    public StationLog(Path file) {
        this.file = file;
    }

    /// Adds one line.
    ///
    /// @throws IOException when the disk refuses
    public synchronized void add(Received received) throws IOException {
        Files.createDirectories(file.toAbsolutePath().getParent());
        if (Files.exists(file) && Files.size(file) > LARGEST_BYTES) {
            Files.move(file, file.resolveSibling(file.getFileName() + ".old"), StandardCopyOption.REPLACE_EXISTING);
        }
        Files.writeString(
                file, ReceivedJson.line(received) + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }
}
