package io.answerback.files.exchange;

import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Sound;
import io.answerback.core.signal.sound.Synthesis;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.io.TempDir;

/// A call as the bytes of WAV files of other forms.
abstract class WavBytes {
    static final String DIGITS = "1234181131010158";

    @TempDir
    Path folder;

    static Sound call() {
        return Synthesis.of(
                new CallScript().silence(100).tones(DIGITS).call(), new LineQuality(-10, 25, 2, 0), new Random(1));
    }

    /// The same sound in another form: stereo with the call on one side, other sizes of numbers.
    static byte[] as(int kind, int bits, int channels) {
        float[] samples = call().samples();
        int bytes = bits / 8;
        ByteBuffer out =
                ByteBuffer.allocate(44 + samples.length * bytes * channels).order(ByteOrder.LITTLE_ENDIAN);
        out.put("RIFF".getBytes())
                .putInt(out.capacity() - 8)
                .put("WAVEfmt ".getBytes())
                .putInt(16);
        out.putShort((short) kind).putShort((short) channels).putInt(8000).putInt(8000 * bytes * channels);
        out.putShort((short) (bytes * channels)).putShort((short) bits).put("data".getBytes());
        out.putInt(samples.length * bytes * channels);
        for (float sample : samples) {
            for (int channel = 0; channel < channels; channel++) {
                put(out, kind, bytes, channel == 0 ? sample : 0);
            }
        }
        return out.array();
    }

    static void put(ByteBuffer out, int kind, int bytes, float sample) {
        if (kind == 3) {
            out.putFloat(sample);
            return;
        }
        long whole = Math.round(sample * ((1L << 8 * bytes - 1) - 1));
        if (bytes == 1) {
            out.put((byte) (whole + 128));
            return;
        }
        for (int i = 0; i < bytes; i++) {
            out.put((byte) (whole >> 8 * i));
        }
    }
}
