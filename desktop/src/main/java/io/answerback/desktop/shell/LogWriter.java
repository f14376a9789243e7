package io.answerback.desktop.shell;

import io.answerback.files.LogLine;
import io.answerback.files.record.JobLog;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/// Adds what was done to the logs beside job files, each line once, however often it is handed over: saving and
/// keeping may both come upon a line before the window knows that it is written. Used off the JavaFX thread.
final class LogWriter {
    private final Set<LogLine> added = Collections.newSetFromMap(new IdentityHashMap<>());

    /// Adds the lines that were not added before.
    ///
    /// @throws IOException when the disk refuses
    synchronized void add(Path jobFile, List<LogLine> lines) throws IOException {
        List<LogLine> fresh =
                lines.stream().filter(line -> !added.contains(line)).toList();
        JobLog.beside(jobFile).add(fresh);
        added.addAll(fresh);
    }
}
