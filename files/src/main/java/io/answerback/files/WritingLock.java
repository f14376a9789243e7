package io.answerback.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.locks.LockSupport;
import java.util.concurrent.locks.ReentrantLock;

/// The right to replace a file, held by one thread of one program at a time. A file of its own beside it is
/// locked for that, and deleted again; one that a killed program has left is simply locked by the next.
///
/// Between opening the lock's file and locking it, its holder may have deleted it: what is locked then is
/// a file that no longer has a name. So a holder gives it a random length and looks that up by name.
public final class WritingLock {
    private static final int LONGEST = 1 << 20;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(5);
    private static final Duration PAUSE = Duration.ofMillis(5);
    private static final Map<Path, ReentrantLock> HERE = new ConcurrentHashMap<>();

    private WritingLock() {}

    /// What is done while the right is held.
    ///
    /// @param <E> what it may throw beside what the disk refuses
    public interface Writing<T, E extends Exception> {
        /// Does it.
        T write() throws IOException, E;
    }

    /// The file that is locked while another is replaced.
    static Path fileOf(Path target) {
        return target.toAbsolutePath().resolveSibling("." + target.getFileName() + ".lock");
    }

    /// Does something while no other thread or program can replace a file; waits some seconds while one does.
    ///
    /// @throws IOException when another does for longer, or the disk refuses
    public static <T, E extends Exception> T holding(Path target, Writing<T, E> writing) throws IOException, E {
        Path lockFile = fileOf(target);
        ReentrantLock here = HERE.computeIfAbsent(lockFile, key -> new ReentrantLock());
        here.lock();
        try {
            FileChannel channel = locked(lockFile);
            try {
                return writing.write();
            } finally {
                release(lockFile, channel);
            }
        } finally {
            here.unlock();
        }
    }

    /// Taken away while it is still locked, so that it is not taken from the next one who has it.
    private static void release(Path lockFile, FileChannel channel) throws IOException {
        try (channel) {
            Files.deleteIfExists(lockFile);
        }
    }

    private static FileChannel locked(Path lockFile) throws IOException {
        long until = System.nanoTime() + LONGEST_WAIT.toNanos();
        while (true) {
            FileChannel channel = FileChannel.open(lockFile, StandardOpenOption.WRITE, StandardOpenOption.CREATE);
            boolean held = false;
            try {
                held = isLocked(channel) && isFound(lockFile, channel);
                if (held) {
                    return channel;
                }
            } finally {
                if (!held) {
                    channel.close();
                }
            }
            if (System.nanoTime() > until) {
                throw new IOException("another window is saving it and does not come to an end; the lock is %s"
                        .formatted(lockFile.getFileName()));
            }
            LockSupport.parkNanos(PAUSE.toNanos());
        }
    }

    private static boolean isLocked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException byAnother) {
            return false;
        }
    }

    /// By its length, which is looked up without opening it: a program that closes a file gives up every lock it
    /// has on that.
    private static boolean isFound(Path lockFile, FileChannel channel) throws IOException {
        int length = 1 + ThreadLocalRandom.current().nextInt(LONGEST);
        channel.truncate(0);
        channel.write(ByteBuffer.allocate(1), length - 1);
        try {
            return Files.size(lockFile) == length;
        } catch (NoSuchFileException takenAway) {
            return false;
        }
    }
}
