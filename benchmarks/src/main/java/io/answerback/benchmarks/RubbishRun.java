package io.answerback.benchmarks;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.core.signal.format.SecretFrames;
import io.answerback.core.signal.printout.TextReading;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Listening;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.exchange.WavFile;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/// Damages frames, digits, rounds and recordings and reads what comes of it: `rubbish FRAMES WAVS [SEED]`. Each
/// is read or refused; anything else is a failure. Ends with exit code 1 when there was one.
public final class RubbishRun {
    private static final EncryptionKey KEY = EncryptionKey.of("00112233445566778899AABBCCDDEEFF");

    private final Random random;
    private final TextReading reading = new TextReading(
            DataFiles.receivers().get(3), DataFiles.events(), new IpSignals(DataFiles.letters()), Optional.of(KEY));
    private final List<String> failures = new ArrayList<>();
    private long read;
    private long refused;

    private RubbishRun(long seed) {
        random = new Random(seed);
    }

    public static void main(String[] arguments) {
        long frames = arguments.length > 0 ? Long.parseLong(arguments[0]) : 10_000_000;
        int recordings = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 100_000;
        RubbishRun run = new RubbishRun(arguments.length > 2 ? Long.parseLong(arguments[2]) : 20261129);
        run.texts(frames);
        System.out.printf("%d texts: %d read, %d refused%n", frames, run.read, run.refused);
        run.recordings(recordings);
        System.gc();
        long used = Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
        System.out.printf("%d recordings; %d failures; %d MB in use%n", recordings, run.failures.size(), used >> 20);
        run.failures.stream().limit(10).forEach(System.out::println);
        System.exit(run.failures.isEmpty() ? 0 : 1);
    }

    private void texts(long count) {
        Instant at = Instant.parse("2026-05-12T09:41:07Z");
        Signal signal = new Signal("7316", Qualifier.NEW, "130", 1, 7);
        IpFrame frame = IpFrame.of(signal, 42, "1", "0", at);
        IpFrame letters = IpFrame.ofLetters(signal, "BA", "Dock door", 42, "1", "0", at);
        List<String> right = List.of(
                IpFrames.encode(frame),
                IpFrames.encode(letters),
                SecretFrames.encode(frame, KEY, random),
                "7316181130010078",
                "0423 0423 3337 3337",
                "731637 731637");
        List<ReportFormat> formats = List.of(
                ReportFormat.IP_EVENTS,
                ReportFormat.IP_LETTERS,
                ReportFormat.IP_EVENTS,
                ReportFormat.TONES,
                ReportFormat.PULSE_3_1_EXTENDED,
                ReportFormat.PULSE_4_2);
        for (long i = 0; i < count; i++) {
            int kind = (int) (i % right.size());
            text(formats.get(kind), damaged(right.get(kind)));
        }
    }

    private void text(ReportFormat format, String text) {
        try {
            if (reading.of(format, text).lines().isEmpty()) {
                refused++;
            } else {
                read++;
            }
        } catch (RuntimeException failed) {
            failures.add(format + " " + IpFrames.printable(text) + ": " + failed);
        }
    }

    private String damaged(String right) {
        StringBuilder text = new StringBuilder(right);
        for (int i = random.nextInt(4); i >= 0 && !text.isEmpty(); i--) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(4)) {
                case 0 -> text.setCharAt(at, (char) random.nextInt(256));
                case 1 -> text.deleteCharAt(at);
                case 2 -> text.insert(at, (char) random.nextInt(256));
                default -> text.setLength(at);
            }
        }
        return random.nextInt(8) == 0 ? sound(text) : text.toString();
    }

    /// With a check and a length that are right, so that what lies behind them is reached.
    private static String sound(StringBuilder text) {
        int quote = text.indexOf("\"");
        if (quote < 0) {
            return text.toString();
        }
        String body = text.substring(quote).replace("\r", "");
        return "\n%04X%04X%s\r".formatted(crc(body), body.length() & 0xFFF, body);
    }

    private static int crc(String text) {
        int crc = 0;
        for (char next : text.toCharArray()) {
            crc ^= next;
            for (int bit = 0; bit < 8; bit++) {
                crc = (crc & 1) != 0 ? crc >>> 1 ^ 0xA001 : crc >>> 1;
            }
        }
        return crc;
    }

    private void recordings(int count) {
        byte[] tones = WavFile.bytes(Synthesis.of(
                new CallScript().tones("7316181130010078").call(), new LineQuality(-10, 30, 0, 0), new Random(1)));
        for (int i = 0; i < count; i++) {
            byte[] bytes = Arrays.copyOf(tones, 1 + random.nextInt(tones.length));
            for (int change = random.nextInt(40); change >= 0; change--) {
                int among = random.nextBoolean() ? Math.min(48, bytes.length) : bytes.length;
                bytes[random.nextInt(among)] = (byte) random.nextInt(256);
            }
            try {
                Listening.to(WavFile.read(bytes, "damaged"), i % 2 == 0 ? ReportFormat.TONES : ReportFormat.PULSE_4_2);
            } catch (BrokenFile | IllegalArgumentException said) {
                refused++;
            } catch (RuntimeException failed) {
                failures.add("recording " + i + ": " + failed);
            }
        }
    }
}
