package io.answerback.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/// Folders that only their owner may look into: what a computer remembers of jobs is not for others to see.
/// Where a system has no such permissions, its own rules for the folders of a user hold.
public final class OwnerOnly {
    private static final Set<PosixFilePermission> OWNER = PosixFilePermissions.fromString("rwx------");

    private OwnerOnly() {}

    /// Makes a folder, and those above it that are missing, for their owner only. One that is there already
    /// is not changed: somebody may have chosen who sees it.
    ///
    /// @throws IOException when the disk refuses
    public static void folder(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            FileAttribute<?>[] owner = posix(folder)
                    ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(OWNER)}
                    : new FileAttribute<?>[0];
            Files.createDirectories(folder, owner);
        }
    }

    /// The same for a folder that is ours alone: one that an earlier version left open is closed.
    ///
    /// @throws IOException when the disk refuses
    public static void closed(Path folder) throws IOException {
        folder(folder);
        if (posix(folder)
                && !Files.getPosixFilePermissions(folder, LinkOption.NOFOLLOW_LINKS)
                        .equals(OWNER)) {
            Files.setPosixFilePermissions(folder, OWNER);
        }
    }

    private static boolean posix(Path folder) {
        return folder.getFileSystem().supportedFileAttributeViews().contains("posix");
    }
}
