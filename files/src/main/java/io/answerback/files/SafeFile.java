package io.answerback.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/// Replaces a file so that at every moment either the old or the new text is there whole: write beside it,
/// sync, keep the old one as a version, rename, sync the folder. The new file has the owner and the permissions
/// of the old one; a link stays a link, and what it leads to is replaced.
public final class SafeFile {
    private static final int KEPT_VERSIONS = 5;

    private static final BeforeWriting NOTHING = () -> {};

    private SafeFile() {}

    /// What has to hold once no other program can write the file.
    interface BeforeWriting {
        void check() throws IOException, BrokenFile;
    }

    /// Replaces `file` and keeps what it held as the newest of its last five versions, in `.versions` beside it.
    ///
    /// @param before what has to hold before, while no other program can write the file
    /// @return why what it held could not be kept as a version; empty when it could
    /// @throws BrokenFile when that does not hold
    /// @throws IOException when the disk refuses; `file` is then as it was
    static Optional<String> replaceKeepingVersions(Path file, String text, BeforeWriting before)
            throws IOException, BrokenFile {
        Path target = FileOwner.behindLinks(file);
        return replace(target, text.getBytes(StandardCharsets.UTF_8), true, before);
    }

    /// Replaces `file`; what it held is gone.
    ///
    /// @throws IOException when the disk refuses; `file` is then as it was
    public static void replace(Path file, String text) throws IOException {
        replace(file, text.getBytes(StandardCharsets.UTF_8));
    }

    /// Writes bytes to a file, atomically.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void replace(Path file, byte[] bytes) throws IOException {
        try {
            replace(FileOwner.behindLinks(file), bytes, false, NOTHING);
        } catch (BrokenFile impossible) {
            throw new IllegalStateException("nothing is checked before", impossible);
        }
    }

    /// Takes away what a program that was ended while it wrote has left beside a file. What another program is
    /// writing now stays.
    public static void sweep(Path file) {
        Path beside = beside(file);
        if (!Files.exists(beside) && !Files.exists(WritingLock.fileOf(file))) {
            return;
        }
        try {
            WritingLock.holding(file, () -> Files.deleteIfExists(beside));
        } catch (IOException inUse) {
            return;
        }
    }

    private static Path beside(Path file) {
        return file.toAbsolutePath().resolveSibling("." + file.getFileName() + ".writing");
    }

    /// The holder of the lock writes the copy beside the file, and no other program touches it.
    private static Optional<String> replace(Path target, byte[] bytes, boolean versions, BeforeWriting before)
            throws IOException, BrokenFile {
        FileOwner.requireWritable(target);
        Files.createDirectories(target.toAbsolutePath().getParent());
        Path beside = beside(target);
        return WritingLock.holding(target, () -> {
            before.check();
            write(beside, bytes);
            Optional<String> trouble = versions && Files.exists(target) ? keepVersion(target) : Optional.empty();
            putInPlace(beside, target);
            return trouble;
        });
    }

    private static void write(Path beside, byte[] bytes) throws IOException {
        try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE, StandardOpenOption.CREATE)) {
            fill(channel, bytes);
        } catch (IOException failed) {
            Files.deleteIfExists(beside);
            throw failed;
        }
    }

    private static void fill(FileChannel channel, byte[] bytes) throws IOException {
        channel.truncate(0);
        ByteBuffer left = ByteBuffer.wrap(bytes);
        while (left.hasRemaining()) {
            channel.write(left);
        }
        channel.force(true);
    }

    /// Renames what was written. Where the new file cannot have the old one's owner, the old file is filled
    /// instead, while the copy beside it is still there.
    private static void putInPlace(Path written, Path target) throws IOException {
        try {
            if (Files.exists(target) && !FileOwner.copy(target, written)) {
                try (FileChannel channel = FileChannel.open(target, StandardOpenOption.WRITE)) {
                    fill(channel, Files.readAllBytes(written));
                }
                return;
            }
            rename(written, target);
            syncFolder(target);
        } finally {
            Files.deleteIfExists(written);
        }
    }

    private static void rename(Path written, Path target) throws IOException {
        try {
            Files.move(written, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(written, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /// A rename is safe against a power cut once its folder is synced, where the system can do that.
    private static void syncFolder(Path file) {
        try (FileChannel folder = FileChannel.open(file.toAbsolutePath().getParent(), StandardOpenOption.READ)) {
            folder.force(true);
        } catch (IOException cannot) {
            return;
        }
    }

    private static Optional<String> keepVersion(Path file) {
        Path folder = file.toAbsolutePath().resolveSibling(".versions");
        Path copy = folder.resolve(file.getFileName() + ".new");
        try {
            Files.createDirectories(folder);
            Files.copy(file, copy, StandardCopyOption.REPLACE_EXISTING);
            for (int i = KEPT_VERSIONS; i > 1; i--) {
                Path newer = version(folder, file, i - 1);
                if (Files.exists(newer)) {
                    Files.move(newer, version(folder, file, i), StandardCopyOption.REPLACE_EXISTING);
                }
            }
            Files.move(copy, version(folder, file, 1), StandardCopyOption.REPLACE_EXISTING);
            return Optional.empty();
        } catch (IOException refused) {
            deleteQuietly(copy);
            return Optional.of(DiskWords.of(refused));
        }
    }

    private static void deleteQuietly(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException refused) {
            return;
        }
    }

    private static Path version(Path folder, Path file, int back) {
        return folder.resolve(file.getFileName() + "." + back);
    }
}
