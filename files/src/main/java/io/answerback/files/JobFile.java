package io.answerback.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.stream.Stream;

/// Job files on disk.
public final class JobFile {
    /// What the name of a job file ends in.
    public static final String ENDING = ".answerback.json";

    private static final int LARGEST_BYTES = 64 << 20;

    private JobFile() {}

    /// What saving left.
    ///
    /// @param document the job with the fingerprint its file has now
    /// @param trouble what went wrong beside it, as a sentence; empty when nothing did
    public record Saved(JobDocument document, Optional<String> trouble) {
        /// The same with what else went wrong, as a sentence; empty when nothing did.
        public Saved with(Optional<String> more) {
            return new Saved(
                    document,
                    Optional.of(String.join(
                                    " ",
                                    Stream.concat(trouble.stream(), more.stream())
                                            .toList()))
                            .filter(words -> !words.isEmpty()));
        }
    }

    /// Reads a job.
    ///
    /// @throws BrokenFile when there is no such file, or it is no job; the file is left as it is
    public static JobDocument open(Path file) throws BrokenFile {
        SafeFile.sweep(file);
        return Boundary.read(file.toString(), JobCodec.NEXT, () -> read(file));
    }

    private static JobDocument read(Path file) throws BrokenFile {
        byte[] bytes = TextFile.bytes(file, LARGEST_BYTES);
        Optional<String> other = OtherFile.of(bytes);
        if (other.isPresent()) {
            throw new BrokenFile("%s is not an Answerback job; it is %s.".formatted(file, other.get()));
        }
        return JobCodec.read(TextFile.text(bytes, file.toString()), file.toString())
                .withFingerprint(fingerprint(bytes));
    }

    /// What tells the content of a file apart; empty when there is no such file.
    ///
    /// @throws BrokenFile when it cannot be read
    public static String fingerprint(Path file) throws BrokenFile {
        return Files.exists(file) ? fingerprint(TextFile.bytes(file, LARGEST_BYTES)) : "";
    }

    private static String fingerprint(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java has SHA-256", impossible);
        }
    }

    /// Writes a job to the file it was read from: atomically, keeping the last five versions.
    ///
    /// @throws ChangedOutside when the file holds something else than when it was read or saved last; it is
    ///     left so
    /// @throws BrokenFile when the job came from a newer version of the application, which this one must not
    ///     overwrite
    /// @throws IOException when the disk refuses; the file is then as it was
    public static Saved save(Path file, JobDocument document) throws BrokenFile, IOException {
        return write(file, document, () -> requireUnchanged(file, document));
    }

    private static void requireUnchanged(Path file, JobDocument document) throws BrokenFile {
        String there = document.fingerprint().isEmpty() ? "" : fingerprint(file);
        if (!there.isEmpty() && !there.equals(document.fingerprint())) {
            throw new ChangedOutside(file);
        }
    }

    /// Writes a job to a file, whatever that holds: atomically, keeping the last five versions.
    ///
    /// @throws BrokenFile when the job came from a newer version of the application, which this one must not
    ///     overwrite
    /// @throws IOException when the disk refuses; the file is then as it was
    public static Saved overwrite(Path file, JobDocument document) throws BrokenFile, IOException {
        return write(file, document, () -> {});
    }

    private static Saved write(Path file, JobDocument document, SafeFile.BeforeWriting before)
            throws BrokenFile, IOException {
        if (document.newerVersion().isPresent()) {
            throw new BrokenFile(
                    "This job was written by a newer version of Answerback (file version %d, this one writes %d), so it is not overwritten. Update Answerback."
                            .formatted(document.newerVersion().get(), JobCodec.VERSION));
        }
        String text = JobCodec.write(document);
        Optional<String> trouble = SafeFile.replaceKeepingVersions(file, text, before)
                .map(why -> "It is saved, but what the file held before could not be kept in .versions: %s."
                        .formatted(why));
        return new Saved(document.withFingerprint(fingerprint(text.getBytes(StandardCharsets.UTF_8))), trouble);
    }
}
