package io.answerback.station.line;

import java.io.IOException;
import java.util.List;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;

/// The sound input of this computer, one channel of 16 bits.
public final class SoundCard implements SoundInput {
    private static final List<Integer> RATES = List.of(8000, 16_000, 44_100, 48_000);
    private static final int BYTES = 2;

    private final TargetDataLine line;
    private final int rate;

    private SoundCard(TargetDataLine line, int rate) {
        this.line = line;
        this.rate = rate;
    }

    /// Opens it, at the lowest rate that it has.
    ///
    /// @throws IOException when there is none, or another program has it
    public static SoundInput open() throws IOException {
        for (int rate : RATES) {
            AudioFormat format = new AudioFormat(rate, 8 * BYTES, 1, true, false);
            try {
                TargetDataLine line = AudioSystem.getTargetDataLine(format);
                line.open(format);
                line.start();
                return new SoundCard(line, rate);
            } catch (IllegalArgumentException another) {
                continue;
            } catch (LineUnavailableException | SecurityException taken) {
                throw new IOException("the sound input cannot be opened; close the program that uses it", taken);
            }
        }
        throw new IOException("this computer has no sound input; connect one, or open a recording");
    }

    @Override
    public int rate() {
        return rate;
    }

    @Override
    public int read(float[] into) {
        byte[] bytes = new byte[into.length * BYTES];
        int read = line.read(bytes, 0, bytes.length) / BYTES;
        for (int i = 0; i < read; i++) {
            into[i] = (short) (bytes[BYTES * i] & 0xFF | bytes[BYTES * i + 1] << 8) / (float) Short.MAX_VALUE;
        }
        return read == 0 ? -1 : read;
    }

    @Override
    public void close() {
        line.stop();
        line.close();
    }
}
