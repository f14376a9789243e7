package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class FrameReaderTest {
    private static FrameReader reader(String bytes, int longest) {
        return reader(new ByteArrayInputStream(bytes.getBytes(StandardCharsets.ISO_8859_1)), longest);
    }

    private static FrameReader reader(InputStream in, int longest) {
        return new FrameReader(in, longest, Duration.ofSeconds(5));
    }

    @Test
    void framesEndAtTheirCarriageReturn() throws IOException {
        FrameReader reader = reader("\none\r\ntwo\r", 100);
        assertThat(reader.next()).contains("\none\r");
        assertThat(reader.next()).contains("\ntwo\r");
        assertThat(reader.next()).isEmpty();
    }

    @Test
    void whatIsLeftWithoutAnEndIsStillHandedOver() throws IOException {
        FrameReader reader = reader("\nhalf a fra", 100);
        assertThat(reader.next()).contains("\nhalf a fra");
        assertThat(reader.next()).isEmpty();
    }

    @Test
    void aNewBeginningEndsATornFrame() throws IOException {
        FrameReader reader = reader("\nto\ngood\r", 100);
        assertThat(reader.next()).contains("\nto");
        assertThat(reader.next()).contains("\ngood\r");
    }

    @Test
    void moreBytesThanAllowedEndIt() {
        assertThatThrownBy(() -> reader("x".repeat(50), 40).next())
                .isInstanceOf(FrameReader.OutOfBounds.class)
                .hasMessageContaining("more than 40 bytes");
    }

    @Test
    void aFrameThatTricklesInForTooLongEndsIt() {
        InputStream endless = new InputStream() {
            @Override
            public int read() {
                return 'x';
            }
        };
        FrameReader reader = new FrameReader(endless, Integer.MAX_VALUE, Duration.ofMillis(20));
        assertThatThrownBy(reader::next)
                .isInstanceOf(FrameReader.OutOfBounds.class)
                .hasMessageContaining("no end after");
    }
}
