package io.answerback.files;

import java.nio.file.Path;
import java.util.List;

/// What was found of a job's unsaved edits.
public sealed interface Unsaved {
    /// There are none.
    record Nothing() implements Unsaved {}

    /// They are whole.
    ///
    /// @param document the job with them; its fingerprint is that of the file they were made on
    /// @param log what was done and is not in the job's log
    record Kept(JobDocument document, List<LogLine> log) implements Unsaved {
        public Kept {
            log = List.copyOf(log);
        }
    }

    /// They cannot be read; the file was set aside.
    ///
    /// @param aside where it is now
    /// @param why what is wrong with it
    record Damaged(Path aside, String why) implements Unsaved {
        /// What the user is told.
        public String says() {
            return "Unsaved edits from an earlier run could not be read and were set aside as %s: %s"
                    .formatted(aside, why);
        }
    }
}
