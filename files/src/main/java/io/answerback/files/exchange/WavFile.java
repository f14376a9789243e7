package io.answerback.files.exchange;

import io.answerback.core.sound.Sound;
import io.answerback.files.BrokenFile;
import io.answerback.files.SafeFile;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;

/// Sound as a WAV file (RIFF): written as 16-bit numbers of one channel; read as whole numbers of 8, 16, 24 or
/// 32 bits or floating-point numbers of 32, or of 8 bits by A-law or mu-law, of up to eight channels, which are
/// added up.
public final class WavFile {
    private static final long LARGEST_BYTES = 200L << 20;
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

    /// Reads a recording.
    ///
    /// @throws IOException when the file cannot be read, is too large, or is no WAV of a kind that is read; the
    ///     message says what was found and what to do
    public static Sound read(Path file) throws IOException, BrokenFile {
        if (!Files.isRegularFile(file)) {
            throw new BrokenFile(file + " is not a file; name a WAV file");
        }
        if (Files.size(file) > LARGEST_BYTES) {
            throw new BrokenFile(file + " is larger than 200 MB; cut the recording to the call");
        }
        return read(Files.readAllBytes(file), file.toString());
    }

    /// Reads a recording from the bytes of a file.
    ///
    /// @param name what the file is called in a complaint
    /// @throws BrokenFile as for a file
    public static Sound read(byte[] bytes, String name) throws BrokenFile {
        ByteBuffer in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        if (bytes.length < 12 || !text(in, 0).equals("RIFF") || !text(in, 8).equals("WAVE")) {
            throw new BrokenFile(name + " is no WAV file: it does not begin with RIFF and WAVE");
        }
        Form form = null;
        int at = 12;
        while (at + 8 <= bytes.length) {
            String chunk = text(in, at);
            long size = in.getInt(at + 4) & 0xFFFFFFFFL;
            int from = at + 8;
            int length = (int) Math.min(size, bytes.length - from);
            if (chunk.equals("fmt ")) {
                form = form(in, from, length, name);
            } else if (chunk.equals("data")) {
                return sound(in, from, length, form, name);
            }
            at = (int) Math.min(bytes.length, from + size + size % 2);
        }
        throw new BrokenFile(name + " has no sound in it: there is no data chunk. Record it again");
    }

    /// How the numbers are laid out.
    private record Form(int kind, int channels, int rate, int bits) {}

    private static Form form(ByteBuffer in, int from, int length, String name) throws BrokenFile {
        if (length < 16) {
            throw new BrokenFile(name + " says nothing of its form: its fmt chunk has " + length + " bytes, not 16");
        }
        int kind = in.getShort(from) & 0xFFFF;
        if (kind == EXTENSIBLE && length >= 26) {
            kind = in.getShort(from + 24) & 0xFFFF;
        }
        Form form =
                new Form(kind, in.getShort(from + 2) & 0xFFFF, in.getInt(from + 4), in.getShort(from + 14) & 0xFFFF);
        boolean companded = (form.kind() == A_LAW || form.kind() == MU_LAW) && form.bits() == 8;
        boolean whole =
                companded || form.kind() == WHOLE && form.bits() % 8 == 0 && form.bits() >= 8 && form.bits() <= 32;
        if (!whole && !(form.kind() == FLOATING && form.bits() == 32)) {
            throw new BrokenFile(
                    "%s is of kind %d with %d bits; save it as 16-bit PCM".formatted(name, form.kind(), form.bits()));
        }
        if (form.channels() < 1 || form.channels() > MOST_CHANNELS) {
            throw new BrokenFile("%s has %d channels; save it with one".formatted(name, form.channels()));
        }
        if (form.rate() < Sound.LINE_RATE || form.rate() > 192_000) {
            throw new BrokenFile(
                    "%s has %d samples a second; there must be 8000 to 192000".formatted(name, form.rate()));
        }
        return form;
    }

    private static Sound sound(ByteBuffer in, int from, int length, Form form, String name) throws BrokenFile {
        if (form == null) {
            throw new BrokenFile(name + " has its sound before its form (fmt); save it again");
        }
        int bytes = form.bits() / 8;
        int frames = length / (bytes * form.channels());
        float[] samples = new float[frames];
        int at = from;
        for (int frame = 0; frame < frames; frame++) {
            float sum = 0;
            for (int channel = 0; channel < form.channels(); channel++) {
                sum += sample(in, at, form, bytes);
                at += bytes;
            }
            samples[frame] = Math.clamp(sum, -1f, 1f);
        }
        return new Sound(samples, form.rate());
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

    private static String text(ByteBuffer in, int at) {
        StringBuilder four = new StringBuilder();
        for (int i = at; i < at + 4 && i < in.limit(); i++) {
            four.append((char) (in.get(i) & 0xFF));
        }
        return four.toString();
    }
}
