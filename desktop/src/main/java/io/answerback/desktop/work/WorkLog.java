package io.answerback.desktop.work;

import io.answerback.files.LogLine;
import java.util.List;

/// Notified of everything that is done to the open job, and keeps it until it is in the job's log. Used on the
/// JavaFX thread.
public interface WorkLog {
    /// Keeps nothing.
    WorkLog NONE = new WorkLog() {
        @Override
        public void done(String what) {}

        @Override
        public void another(List<LogLine> waiting) {}

        @Override
        public List<LogLine> waiting() {
            return List.of();
        }

        @Override
        public void written(List<LogLine> lines) {}
    };

    /// Something was done.
    ///
    /// @param what what, in words
    void done(String what);

    /// Another job was opened in its place.
    ///
    /// @param waiting what was done to it before and is not in its log yet
    void another(List<LogLine> waiting);

    /// What is not in the log yet, the first first.
    List<LogLine> waiting();

    /// These are in the log now.
    void written(List<LogLine> lines);
}
