package io.answerback.files.exchange;

import io.answerback.core.signal.sound.Sound;
import io.answerback.files.Boundary;
import io.answerback.files.BrokenFile;
import io.answerback.files.SafeFile;
import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/// Sound as a WAV file (RIFF): written as 16-bit numbers of one channel; read as whole numbers of 8, 16, 24 or
/// 32 bits or floating-point numbers of 32, or of 8 bits by A-law or mu-law, of up to eight channels, which are
/// added up.
public final class WavFile {
    private static final int BLOCK_BYTES = 1 << 16;
    private static final int FRAMES_AT_ONCE = 4096;
    /// 35 minutes of a line, 6 minutes of a studio: 64 MB of samples.
    private static final int MOST_FRAMES = 16 << 20;

    private static final int FIRST_FRAMES = 1 << 18;
    private static final long LONGEST_DATA_BYTES = 0xFFFFFFFFL;
    private static final int LONGEST_FORM_BYTES = 64;
    private static final String RECORD_AGAIN = "Save it as 16-bit PCM, or record it again.";
    private static final int HEADER_BYTES = 44;
    private static final int WHOLE = 1;
    private static final int FLOATING = 3;
    private static final int A_LAW = 6;
    private static final int MU_LAW = 7;
    private static final int EXTENSIBLE = 0xFFFE;
    private static final int MOST_CHANNELS = 8;

    private WavFile() {}

    /// Writes a recording, in place of what was there.
    ///
    /// @throws IOException when the disk refuses; the file is then as it was
    public static void write(Path file, Sound sound) throws IOException {
        SafeFile.replace(file, bytes(sound));
    }

    /// A recording as the bytes of a file.
    public static byte[] bytes(Sound sound) {
        int data = sound.samples().length * 2;
        ByteBuffer out = ByteBuffer.allocate(HEADER_BYTES + data).order(ByteOrder.LITTLE_ENDIAN);
        text(out, "RIFF").putInt(HEADER_BYTES - 8 + data);
        text(out, "WAVE");
        text(out, "fmt ").putInt(16).putShort((short) WHOLE).putShort((short) 1);
        out.putInt(sound.rate()).putInt(sound.rate() * 2).putShort((short) 2).putShort((short) 16);
        text(out, "data").putInt(data);
        for (float sample : sound.samples()) {
            out.putShort((short) Math.round(Math.clamp(sample, -1f, 1f) * Short.MAX_VALUE));
        }
        return out.array();
    }

    private static ByteBuffer text(ByteBuffer out, String four) {
        for (char next : four.toCharArray()) {
            out.put((byte) next);
        }
        return out;
    }

    /// Reads a recording. Of a file of any size no more is taken into memory than its sound needs.
    ///
    /// @throws BrokenFile when the file cannot be read, its sound is too long, or it is not a WAV of a kind
    ///     that is read; the message says what was found and what to do
    public static Sound read(Path file) throws BrokenFile {
        if (!Files.isRegularFile(file)) {
            throw new BrokenFile(file + " is not a file. Name a WAV file.");
        }
        return Boundary.read(file.toString(), RECORD_AGAIN, () -> {
            try (InputStream in = new BufferedInputStream(Files.newInputStream(file), BLOCK_BYTES)) {
                return read(in, file.toString());
            }
        });
    }

    /// Reads a recording from the bytes of a file.
    ///
    /// @param name what the file is called in a complaint
    /// @throws BrokenFile as for a file
    public static Sound read(byte[] bytes, String name) throws BrokenFile {
        return Boundary.read(name, RECORD_AGAIN, () -> read(new ByteArrayInputStream(bytes), name));
    }

    private static Sound read(InputStream in, String name) throws BrokenFile, IOException {
        byte[] head = in.readNBytes(12);
        if (head.length < 12 || !text(head, 0).equals("RIFF") || !text(head, 8).equals("WAVE")) {
            throw new BrokenFile(
                    name + " is not a WAV file: it does not begin with RIFF and WAVE. Choose another file.");
        }
        Form form = null;
        for (byte[] chunk = in.readNBytes(8); chunk.length == 8; chunk = in.readNBytes(8)) {
            long size = numbers(chunk).getInt(4) & 0xFFFFFFFFL;
            String kind = text(chunk, 0);
            if (kind.equals("data")) {
                return sound(in, size, form, name);
            }
            byte[] begins = in.readNBytes((int) Math.min(size, LONGEST_FORM_BYTES));
            if (kind.equals("fmt ")) {
                form = form(numbers(begins), begins.length, name);
            }
            in.skip(size + size % 2 - begins.length);
        }
        throw new BrokenFile(name + " has no sound in it: there is no data chunk. " + RECORD_AGAIN);
    }

    private static ByteBuffer numbers(byte[] bytes) {
        return ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
    }

    /// How the numbers are laid out.
    private record Form(int kind, int channels, int rate, int bits) {}

    private static Form form(ByteBuffer in, int length, String name) throws BrokenFile {
        if (length < 16) {
            throw new BrokenFile("%s says nothing of its form: its fmt chunk has %d bytes, not 16. %s"
                    .formatted(name, length, RECORD_AGAIN));
        }
        int kind = in.getShort(0) & 0xFFFF;
        if (kind == EXTENSIBLE && length >= 26) {
            kind = in.getShort(24) & 0xFFFF;
        }
        Form form = new Form(kind, in.getShort(2) & 0xFFFF, in.getInt(4), in.getShort(14) & 0xFFFF);
        boolean companded = (form.kind() == A_LAW || form.kind() == MU_LAW) && form.bits() == 8;
        boolean whole =
                companded || form.kind() == WHOLE && form.bits() % 8 == 0 && form.bits() >= 8 && form.bits() <= 32;
        if (!whole && !(form.kind() == FLOATING && form.bits() == 32)) {
            throw new BrokenFile(
                    "%s is of kind %d with %d bits. Save it as 16-bit PCM.".formatted(name, form.kind(), form.bits()));
        }
        if (form.channels() < 1 || form.channels() > MOST_CHANNELS) {
            throw new BrokenFile("%s has %d channels. Save it with one.".formatted(name, form.channels()));
        }
        if (form.rate() < Sound.LINE_RATE || form.rate() > 192_000) {
            throw new BrokenFile("%s has %d samples a second; there must be 8000 to 192000. Save it with 8000."
                    .formatted(name, form.rate()));
        }
        return form;
    }

    private static Sound sound(InputStream in, long size, Form form, String name) throws BrokenFile, IOException {
        if (form == null) {
            throw new BrokenFile(name + " has its sound before its form (fmt). " + RECORD_AGAIN);
        }
        int bytes = form.bits() / 8;
        int frameBytes = bytes * form.channels();
        long frames = Math.min(size, LONGEST_DATA_BYTES) / frameBytes;
        float[] samples = new float[(int) Math.min(frames, FIRST_FRAMES)];
        byte[] block = new byte[frameBytes * FRAMES_AT_ONCE];
        int count = 0;
        for (int length = in.readNBytes(block, 0, block.length);
                length >= frameBytes && count < frames;
                length = in.readNBytes(block, 0, block.length)) {
            int more = (int) Math.min(length / frameBytes, frames - count);
            requireShort(count + more, form, name);
            if (count + more > samples.length) {
                samples = Arrays.copyOf(samples, Math.min(MOST_FRAMES, Math.max(count + more, samples.length * 2)));
            }
            ByteBuffer numbers = numbers(block);
            for (int frame = 0; frame < more; frame++) {
                samples[count++] = summed(numbers, frame * frameBytes, form, bytes);
            }
        }
        return new Sound(count == samples.length ? samples : Arrays.copyOf(samples, count), form.rate());
    }

    private static void requireShort(int frames, Form form, String name) throws BrokenFile {
        if (frames > MOST_FRAMES) {
            throw new BrokenFile(
                    "%s has more than the %d minutes of sound that are read at %d samples a second. Cut the recording to the call."
                            .formatted(name, MOST_FRAMES / form.rate() / 60, form.rate()));
        }
    }

    private static float summed(ByteBuffer in, int at, Form form, int bytes) {
        float sum = 0;
        for (int channel = 0; channel < form.channels(); channel++) {
            sum += sample(in, at + channel * bytes, form, bytes);
        }
        return Math.clamp(sum, -1f, 1f);
    }

    private static float sample(ByteBuffer in, int at, Form form, int bytes) {
        if (form.kind() == FLOATING) {
            float value = in.getFloat(at);
            return Float.isNaN(value) ? 0 : Math.clamp(value, -1f, 1f);
        }
        if (form.kind() == A_LAW || form.kind() == MU_LAW) {
            int code = in.get(at) & 0xFF;
            return (form.kind() == A_LAW ? Companding.ofALaw(code) : Companding.ofMuLaw(code)) / 32768f;
        }
        return switch (bytes) {
            case 1 -> ((in.get(at) & 0xFF) - 128) / 128f;
            case 2 -> in.getShort(at) / 32768f;
            case 3 -> ((in.get(at) & 0xFF) | (in.get(at + 1) & 0xFF) << 8 | in.get(at + 2) << 16) / 8388608f;
            default -> in.getInt(at) / 2147483648f;
        };
    }

    private static String text(byte[] bytes, int at) {
        return new String(bytes, at, 4, StandardCharsets.ISO_8859_1);
    }
}
