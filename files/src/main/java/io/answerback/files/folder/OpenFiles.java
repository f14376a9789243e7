package io.answerback.files.folder;

import io.answerback.files.OwnerOnly;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.UUID;

/// Which job files are open in a window on this computer. What a window that was ended held is free again at
/// once.
///
/// @param folder the application's folder
public record OpenFiles(Path folder) {
    /// A file that is open in this window until it is let go.
    public static final class Hold implements AutoCloseable {
        private final FileChannel channel;
        private final Path file;

        private Hold(FileChannel channel, Path file) {
            this.channel = channel;
            this.file = file;
        }

        @Override
        public void close() {
            if (!channel.isOpen()) {
                return;
            }
            try {
                channel.close();
                Files.deleteIfExists(file);
            } catch (IOException left) {
                return;
            }
        }
    }

    /// Takes a file for this window.
    ///
    /// @return the hold on it; empty when another window has it
    /// @throws IOException when the application's folder cannot be written
    public Optional<Hold> take(Path file) throws IOException {
        Path real = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
        String name = UUID.nameUUIDFromBytes(real.toString().getBytes(StandardCharsets.UTF_8))
                .toString();
        OwnerOnly.folder(folder.resolve("open"));
        Path lock = folder.resolve("open").resolve(name);
        FileChannel channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock held = channel.tryLock();
            if (held != null) {
                return Optional.of(new Hold(channel, lock));
            }
        } catch (OverlappingFileLockException here) {
            channel.close();
            return Optional.empty();
        }
        channel.close();
        return Optional.empty();
    }
}
