package io.answerback.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/// Reads a whole text file, within bounds of size: only an ordinary file, since a pipe or a device may never
/// end.
public final class TextFile {
    private static final int MEBIBYTE = 1 << 20;

    private TextFile() {}

    /// The bytes of an ordinary file.
    ///
    /// @param largestBytes the most it may hold
    /// @throws BrokenFile when it is not there, not an ordinary file, too large or not readable
    public static byte[] bytes(Path file, int largestBytes) throws BrokenFile {
        if (!Files.exists(file)) {
            throw new BrokenFile("There is no file " + file + ". Check the name and the folder.");
        }
        if (!Files.isRegularFile(file)) {
            throw new BrokenFile(file + " is a folder, a pipe or a device, not a file. Choose a file.");
        }
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes(largestBytes + 1);
            if (bytes.length > largestBytes) {
                throw new BrokenFile("%s is larger than %d MB, which no such file is. Choose another file."
                        .formatted(file, largestBytes / MEBIBYTE));
            }
            return bytes;
        } catch (IOException unreadable) {
            throw new BrokenFile(
                    "%s cannot be read: %s. Check that you may read it.".formatted(file, DiskWords.of(unreadable)));
        }
    }

    /// The text in some bytes: UTF-8, or UTF-16 where a byte order mark says so; the mark is left out.
    ///
    /// @param name the file's name, for messages
    /// @throws BrokenFile when they are no such text
    public static String text(byte[] bytes, String name) throws BrokenFile {
        try {
            String text = charset(bytes)
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException garbled) {
            throw new BrokenFile(name + " is not text in UTF-8. Choose another file, or save it as UTF-8.");
        }
    }

    private static Charset charset(byte[] bytes) {
        int mark = bytes.length < 2 ? 0 : (bytes[0] & 0xFF) << 8 | bytes[1] & 0xFF;
        return mark == 0xFEFF || mark == 0xFFFE ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
    }

    /// The text of an ordinary file.
    ///
    /// @throws BrokenFile when it cannot be read or is no text
    public static String text(Path file, int largestBytes) throws BrokenFile {
        return text(bytes(file, largestBytes), file.toString());
    }
}
