package io.answerback.files;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/// How the letters of a table are written as bytes.
public enum TextEncoding {
    /// What most programs write today.
    UTF_8("UTF-8", StandardCharsets.UTF_8),
    /// What older office programs write in western Europe and America.
    WINDOWS_1252("Windows-1252", Charset.forName("windows-1252"));

    private static final int MARK_LENGTH = 2;

    private final String title;
    private final Charset charset;

    TextEncoding(String title, Charset charset) {
        this.title = title;
        this.charset = charset;
    }

    /// Its name on screen.
    public String title() {
        return title;
    }

    /// The text of a file. A byte order mark at its head counts for more than the encoding that is asked for.
    ///
    /// @throws NotThis when the bytes are not text in this encoding
    String decode(byte[] bytes) throws NotThis {
        Optional<Charset> marked = marked(bytes);
        CharsetDecoder decoder = marked.orElse(charset)
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        ByteBuffer in = ByteBuffer.wrap(bytes);
        try {
            String text = decoder.decode(in).toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException garbled) {
            throw new NotThis(line(bytes, in.position()), bytes[Math.min(in.position(), bytes.length - 1)] & 0xFF);
        }
    }

    private static Optional<Charset> marked(byte[] bytes) {
        if (bytes.length < MARK_LENGTH) {
            return Optional.empty();
        }
        int mark = (bytes[0] & 0xFF) << 8 | bytes[1] & 0xFF;
        return switch (mark) {
            case 0xFEFF, 0xFFFE -> Optional.of(StandardCharsets.UTF_16);
            case 0xEFBB -> Optional.of(StandardCharsets.UTF_8);
            default -> Optional.empty();
        };
    }

    private static int line(byte[] bytes, int position) {
        int line = 1;
        for (int i = 0; i < position; i++) {
            if (bytes[i] == '\n') {
                line++;
            }
        }
        return line;
    }

    /// Bytes that are not text in the encoding that was asked for.
    static final class NotThis extends Exception {
        private static final long serialVersionUID = 1L;

        private final int line;
        private final int value;

        private NotThis(int line, int value) {
            this.line = line;
            this.value = value;
        }

        int line() {
            return line;
        }

        int value() {
            return value;
        }
    }
}
