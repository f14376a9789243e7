package io.answerback.files;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/// Job files on disk.
public final class JobFile {
    /// What the name of a job file ends in.
    public static final String ENDING = ".answerback.json";

    private static final long LARGEST_BYTES = 64L << 20;

    private JobFile() {}

    /// Reads a job.
    ///
    /// @throws BrokenFile when there is no such file, or it is no job; the file is left as it is
    public static JobDocument open(Path file) throws BrokenFile {
        try {
            if (Files.size(file) > LARGEST_BYTES) {
                throw new BrokenFile(file + " is larger than 64 MB, which no job is. Choose another file.");
            }
            return JobCodec.read(Files.readString(file), file.toString());
        } catch (NoSuchFileException missing) {
            throw new BrokenFile("There is no file " + file + ". Check the name and the folder.");
        } catch (MalformedInputException garbled) {
            throw new BrokenFile(file + " is not text in UTF-8, so it is no job file. Choose another file.");
        } catch (IOException unreadable) {
            throw new BrokenFile("%s cannot be read: %s. Check that it is a file and that you may read it."
                    .formatted(file, unreadable.getMessage()));
        }
    }

    /// Writes a job: atomically, keeping the last five versions.
    ///
    /// @throws BrokenFile when the job came from a newer version of the application, which this one must not
    ///     overwrite
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void save(Path file, JobDocument document) throws BrokenFile, IOException {
        if (document.newerVersion().isPresent()) {
            throw new BrokenFile(
                    "This job was written by a newer version of Answerback (file version %d, this one writes %d), so it is not overwritten. Update Answerback."
                            .formatted(document.newerVersion().get(), JobCodec.VERSION));
        }
        SafeFile.replaceKeepingVersions(file, JobCodec.write(document));
    }
}
