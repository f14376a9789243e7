package io.answerback.desktop.work;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/// Asks for files in front of the window.
public interface FileQuestions {
    /// A sort of file.
    ///
    /// @param name what it is called
    /// @param patterns what its names look like, such as "*.pdf"
    record Sort(String name, List<String> patterns) {
        /// A sort with names of one kind.
        public Sort(String name, String pattern) {
            this(name, List.of(pattern));
        }
    }

    /// Asks where a file is to be written.
    ///
    /// @param title what is asked
    /// @param name what the file is called unless somebody says otherwise
    /// @return empty when nothing was chosen
    Optional<Path> toWrite(String title, String name, List<Sort> sorts);

    /// Asks which file is to be read.
    ///
    /// @return empty when nothing was chosen
    Optional<Path> toRead(String title, List<Sort> sorts);
}
