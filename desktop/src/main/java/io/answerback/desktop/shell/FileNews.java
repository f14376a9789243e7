package io.answerback.desktop.shell;

import java.nio.file.Path;
import java.util.function.Consumer;

/// Who is told of files.
///
/// @param opened told when a job was opened from its file
/// @param written told when the open job was written to a file
/// @param takenUp told when a job that was laid aside is open again
public record FileNews(Consumer<Path> opened, Consumer<Path> written, Runnable takenUp) {}
