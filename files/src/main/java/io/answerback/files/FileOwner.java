package io.answerback.files;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Set;

/// Whose a file is, who may write it, and where a link leads.
final class FileOwner {
    private static final Set<PosixFilePermission> WRITING =
            Set.of(PosixFilePermission.OWNER_WRITE, PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);

    private FileOwner() {}

    /// The file behind symbolic links; the file itself where it is none.
    ///
    /// @throws IOException when links lead in a circle or cannot be read
    static Path behindLinks(Path file) throws IOException {
        if (Files.exists(file)) {
            return Files.isSymbolicLink(file) ? file.toRealPath() : file;
        }
        Path next = file;
        for (int links = 0; Files.isSymbolicLink(next); links++) {
            if (links > 40) {
                throw new FileSystemException(file.toString(), null, "its links lead in a circle");
            }
            next = next.toAbsolutePath().getParent().resolve(Files.readSymbolicLink(next));
        }
        return next;
    }

    /// @throws IOException when the file is there and is read-only, or is no ordinary file
    static void requireWritable(Path file) throws IOException {
        if (!Files.exists(file)) {
            return;
        }
        if (!Files.isRegularFile(file)) {
            throw new FileSystemException(file.toString(), null, file + " is a folder, a pipe or a device, not a file");
        }
        if (!Files.isWritable(file) || nobodyWrites(file)) {
            throw new AccessDeniedException(file.toString(), null, "it is read-only");
        }
    }

    /// A file that is marked read-only for everybody stays so, whatever the system would let an administrator do.
    private static boolean nobodyWrites(Path file) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        return view != null && view.readAttributes().permissions().stream().noneMatch(WRITING::contains);
    }

    /// Gives a new file the permissions, the owner and the group of an old one.
    ///
    /// @return whether it has them now; where the system knows no owners, always
    static boolean copy(Path old, Path written) throws IOException {
        PosixFileAttributeView from = Files.getFileAttributeView(old, PosixFileAttributeView.class);
        PosixFileAttributeView to =
                Files.getFileAttributeView(written, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
        if (from == null || to == null) {
            return true;
        }
        PosixFileAttributes wanted = from.readAttributes();
        PosixFileAttributes has = to.readAttributes();
        try {
            if (!has.group().equals(wanted.group())) {
                to.setGroup(wanted.group());
            }
            if (!has.owner().equals(wanted.owner())) {
                to.setOwner(wanted.owner());
            }
            to.setPermissions(wanted.permissions());
            return true;
        } catch (IOException notAllowed) {
            return false;
        }
    }
}
