package io.answerback.command;

import io.answerback.core.format.EncryptionKey;
import io.answerback.core.format.IpFrames;
import io.answerback.core.format.IpSignals;
import io.answerback.core.practice.PracticeOption;
import io.answerback.core.printout.PrintedLine;
import io.answerback.core.printout.Printout;
import io.answerback.core.printout.ReadSignal;
import io.answerback.core.printout.TextReading;
import io.answerback.core.receiver.ReceiverAbilities;
import io.answerback.core.receiver.ReportFormat;
import io.answerback.core.site.Job;
import io.answerback.core.sound.HeardDigit;
import io.answerback.core.sound.Listening;
import io.answerback.core.sound.Recording;
import io.answerback.core.wording.Terms;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobFile;
import io.answerback.files.exchange.WavFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

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

    @Option(names = "--key", paramLabel = "HEX", description = "the key of encrypted frames")
    private String key;

    @Option(names = "--json", description = "answer as one JSON document")
    private boolean json;

    private final List<String> printed = new ArrayList<>();
    private final List<ReadSignal> signals = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();

    @Override
    public Integer call() throws IOException, BrokenFile {
        ReportFormat chosen = format.equals(SUPERVISION)
                ? ReportFormat.IP_EVENTS
                : ReportFormat.byId(format)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "format is \"" + format + "\"; there are " + ReportFormat.ids() + ", " + SUPERVISION));
        Optional<EncryptionKey> given = Optional.ofNullable(key).map(EncryptionKey::of);
        TextReading reading = new TextReading(
                abilities(),
                DataFiles.events().in(new Terms(PracticeOption.SET_UNSET)),
                new IpSignals(DataFiles.letters()),
                given);
        ObjectNode report = Json.object().put("format", format);
        if (file.endsWith(".wav")) {
            recording(chosen, reading, report);
        } else {
            texts(chosen).forEach(text -> add(reading.of(chosen, text)));
        }
        report(report);
        return problems.isEmpty() ? 0 : 1;
    }

    private ReceiverAbilities abilities() throws BrokenFile {
        if (receiver == null) {
            return DataFiles.receivers().stream()
                    .filter(its -> its.takes(ReportFormat.PULSE_3_1_EXTENDED))
                    .findFirst()
                    .orElseThrow();
        }
        int colon = receiver.lastIndexOf(':');
        if (colon < 1) {
            throw new IllegalArgumentException("\"" + receiver + "\" is not JOB:ID, such as site.answerback.json:A1");
        }
        Job job = JobFile.open(Path.of(receiver.substring(0, colon))).job();
        String id = receiver.substring(colon + 1);
        return JobArgument.receiver(job, id).reception().abilities();
    }

    private void recording(ReportFormat chosen, TextReading reading, ObjectNode report) throws IOException, BrokenFile {
        Recording heard = Listening.to(WavFile.read(Path.of(file)), chosen);
        heard.reports().forEach(text -> add(reading.of(chosen, text)));
        problems.addAll(heard.problems());
        ArrayNode digits = report.putArray("digits");
        for (HeardDigit digit : heard.digits()) {
            digits.addObject()
                    .put("digit", String.valueOf(digit.digit()))
                    .put("atMillis", tenth(digit.atMillis()))
                    .put("onMillis", tenth(digit.onMillis()))
                    .put("levelDecibels", tenth(digit.levelDecibels()))
                    .put("twistDecibels", tenth(digit.twistDecibels()))
                    .put("errorPercent", tenth(digit.errorPercent()))
                    .put("pulsesPerSecond", tenth(digit.perSecond()));
        }
        ArrayNode tones = report.putArray("tones");
        heard.tones()
                .forEach(tone -> tones.addObject()
                        .put("hertz", tone.hertz())
                        .put("atMillis", tenth(tone.atMillis()))
                        .put("millis", tenth(tone.millis())));
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    /// Frames one after the other, each up to its CR; of other formats all is one text. A frame may be written
    /// with `\n` and `\r` in place of LF and CR, as other verbs print it.
    private List<String> texts(ReportFormat chosen) throws IOException {
        String text = text();
        if (!chosen.overIp()) {
            String bare = text.strip();
            return chosen == ReportFormat.TONES
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

    private void add(Printout printout) {
        printout.lines().stream().map(PrintedLine::text).forEach(printed::add);
        signals.addAll(printout.signals());
        printout.problems().forEach(problem -> problems.add(problem.says()));
    }

    private void report(ObjectNode report) {
        if (!json) {
            printed.forEach(line -> System.out.println(IpFrames.printable(line)));
            problems.forEach(problem -> System.out.println("wrong: " + problem));
            return;
        }
        printed.forEach(report.putArray("printed")::add);
        ArrayNode all = report.putArray("signals");
        signals.forEach(signal -> all.addObject()
                .put("account", signal.account())
                .put("event", signal.event())
                .put("qualifier", signal.qualifier())
                .put("area", signal.area())
                .put("zone", signal.zone()));
        problems.forEach(report.putArray("problems")::add);
        System.out.println(Json.text(report));
    }
}
