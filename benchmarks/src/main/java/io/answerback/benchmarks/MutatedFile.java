package io.answerback.benchmarks;

import io.answerback.files.BrokenFile;
import java.io.IOException;
import java.nio.file.Path;

/// A file that is whole, to be damaged.
///
/// @param name what it is, for messages
/// @param bytes what is in it
/// @param ending what its name ends in
/// @param json whether it is one JSON document
/// @param reader reads such a file
record MutatedFile(String name, byte[] bytes, String ending, boolean json, Reader reader) {
    MutatedFile {
        if (bytes.length == 0) {
            throw new IllegalArgumentException("there is nothing to damage in " + name);
        }
    }

    /// Reads a file as the application does.
    interface Reader {
        void read(Path file) throws BrokenFile, IOException;
    }
}
