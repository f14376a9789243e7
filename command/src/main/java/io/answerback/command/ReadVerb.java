package io.answerback.command;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.sound.Listening;
import io.answerback.files.BrokenFile;
import io.answerback.files.exchange.WavFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// Reads what was sent, as text or as a recording, and says what a receiver prints. Exit code 1 when something
/// is wrong with it.
@Command(name = "read", description = "read a frame, digits, pulses or a recording", mixinStandardHelpOptions = true)
final class ReadVerb implements Callable<Integer> {
    private static final int LARGEST_TEXT_BYTES = 1 << 20;
    private static final String SUPERVISION = "dc09-null";

    @Option(names = "--format", required = true, description = "as for frame")
    private String format;

    @Parameters(
            paramLabel = "FILE",
            description = "a text file, a recording that ends in .wav, or - for standard input")
    private String file;

    @Option(
            names = "--receiver",
            paramLabel = "JOB:ID",
            description = "what this receiver of a job would print, such as site.answerback.json:B")
    private String receiver;

    @Mixin
    private KeyOption key;

    @Option(names = "--json", description = "answer as one JSON document")
    private boolean json;

    @Override
    public Integer call() throws IOException, BrokenFile {
        ReportFormat chosen = format.equals(SUPERVISION)
                ? ReportFormat.IP_EVENTS
                : ReportFormat.byId(format)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "format is \"" + format + "\"; there are " + ReportFormat.ids() + ", " + SUPERVISION));
        Readings readings = new Readings(chosen, Readings.by(receiver, key.one()));
        if (file.endsWith(".wav")) {
            readings.recording(Listening.to(WavFile.read(Path.of(file)), chosen));
        } else {
            texts(chosen).forEach(readings::text);
        }
        if (json) {
            System.out.println(Json.text(readings.json().put("format", format)));
        } else {
            readings.lines().forEach(System.out::println);
        }
        return readings.sound() ? 0 : 1;
    }

    /// Frames one after the other, each up to its CR; of other formats all is one text. A frame may be written
    /// with `\n` and `\r` in place of LF and CR, as other verbs print it.
    private List<String> texts(ReportFormat chosen) throws IOException {
        String text = text();
        if (!chosen.overIp()) {
            String bare = text.strip();
            return chosen.shape().isEmpty()
                    ? bare.lines().filter(line -> !line.isBlank()).toList()
                    : List.of(bare);
        }
        String real = text.indexOf('\r') < 0
                ? text.replace("\\n", "\n").replace("\\r", "\r").replaceAll("\n+$", "")
                : text;
        List<String> frames = new ArrayList<>();
        for (int at = 0; at < real.length(); ) {
            int end = real.indexOf('\r', at);
            String frame = real.substring(at, end < 0 ? real.length() : end + 1);
            if (!frame.isBlank() || frames.isEmpty()) {
                frames.add(frame.startsWith("\n\n") ? frame.substring(1) : frame);
            }
            at = end < 0 ? real.length() : end + 1;
        }
        return frames.isEmpty() ? List.of("") : frames;
    }

    private String text() throws IOException {
        byte[] bytes;
        if (file.equals("-")) {
            bytes = System.in.readNBytes(LARGEST_TEXT_BYTES + 1);
        } else {
            Path path = Path.of(file);
            if (!Files.isRegularFile(path)) {
                throw new IOException(file + " is not a file; name one, or - for standard input");
            }
            try (InputStream in = Files.newInputStream(path)) {
                bytes = in.readNBytes(LARGEST_TEXT_BYTES + 1);
            }
        }
        if (bytes.length > LARGEST_TEXT_BYTES) {
            throw new IOException("more than 1 MB; give one report at a time");
        }
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }
}
