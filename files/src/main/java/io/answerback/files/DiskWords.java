package io.answerback.files;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;

/// Says in plain words why a disk refused.
public final class DiskWords {
    private DiskWords() {}

    /// The reason as a clause without a full stop, such as "there is no room left on the disk".
    public static String of(IOException failed) {
        return switch (failed) {
            case AccessDeniedException denied -> "you may not use %s".formatted(denied.getFile()) + reason(denied);
            case NoSuchFileException gone -> "%s is not there".formatted(gone.getFile());
            case NotDirectoryException file -> "%s is not a folder".formatted(file.getFile());
            case FileAlreadyExistsException there -> "%s is there already and in the way".formatted(there.getFile());
            case FileSystemException other ->
                other.getReason() == null ? "%s refuses".formatted(other.getFile()) : full(other.getReason());
            default -> failed.getMessage() == null ? "the disk gives no reason" : full(failed.getMessage());
        };
    }

    private static String reason(FileSystemException failed) {
        return failed.getReason() == null ? "" : ": " + failed.getReason();
    }

    private static String full(String reason) {
        return reason.contains("No space left") || reason.contains("not enough space")
                ? "there is no room left on the disk"
                : reason;
    }
}
