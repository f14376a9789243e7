package io.answerback.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/// Replaces a file so that at every moment either the old or the new text is there whole: write beside it,
/// sync, keep the old one as a version, rename.
public final class SafeFile {
    private static final int KEPT_VERSIONS = 5;

    private SafeFile() {}

    /// Replaces `file` and keeps what it held as the newest of its last five versions, in `.versions` beside
    /// it.
    ///
    /// @throws IOException when the disk refuses; `file` is then as it was
    public static void replaceKeepingVersions(Path file, String text) throws IOException {
        Path written = writeBeside(file, text.getBytes(StandardCharsets.UTF_8));
        if (Files.exists(file)) {
            keepVersion(file);
        }
        rename(written, file);
    }

    /// Replaces `file`; what it held is gone.
    ///
    /// @throws IOException when the disk refuses; `file` is then as it was
    public static void replace(Path file, String text) throws IOException {
        rename(writeBeside(file, text.getBytes(StandardCharsets.UTF_8)), file);
    }

    /// Writes bytes to a file, atomically.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void replace(Path file, byte[] bytes) throws IOException {
        rename(writeBeside(file, bytes), file);
    }

    private static Path writeBeside(Path file, byte[] bytes) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        Path beside = Files.createTempFile(folder, "." + file.getFileName() + ".", ".writing");
        try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
            ByteBuffer left = ByteBuffer.wrap(bytes);
            while (left.hasRemaining()) {
                channel.write(left);
            }
            channel.force(true);
        } catch (IOException failed) {
            Files.deleteIfExists(beside);
            throw failed;
        }
        return beside;
    }

    private static void rename(Path written, Path file) throws IOException {
        try {
            Files.move(written, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(written);
        }
    }

    private static void keepVersion(Path file) throws IOException {
        Path folder = Files.createDirectories(file.toAbsolutePath().getParent().resolve(".versions"));
        for (int i = KEPT_VERSIONS; i > 1; i--) {
            Path newer = version(folder, file, i - 1);
            if (Files.exists(newer)) {
                Files.move(newer, version(folder, file, i), StandardCopyOption.REPLACE_EXISTING);
            }
        }
        Files.copy(file, version(folder, file, 1), StandardCopyOption.REPLACE_EXISTING);
    }

    private static Path version(Path folder, Path file, int back) {
        return folder.resolve(file.getFileName() + "." + back);
    }
}
