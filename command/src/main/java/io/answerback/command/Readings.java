package io.answerback.command;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.site.Job;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.core.signal.printout.PrintedLine;
import io.answerback.core.signal.printout.Printout;
import io.answerback.core.signal.printout.ReadSignal;
import io.answerback.core.signal.printout.TextReading;
import io.answerback.core.signal.sound.HeardDigit;
import io.answerback.core.signal.sound.Recording;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What was read in one format, and what a receiver prints for it.
final class Readings {
    private final ReportFormat format;
    private final TextReading reading;
    private final ObjectNode report = Json.object();
    private final List<String> printed = new ArrayList<>();
    private final List<ReadSignal> signals = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();

    Readings(ReportFormat format, TextReading reading) {
        this.format = format;
        this.reading = reading;
        report.put("format", format.id());
    }

    /// How a receiver reads.
    ///
    /// @param receiver JOB:ID of the receiver that prints; null for one that takes extended pulses
    static TextReading by(String receiver, Optional<EncryptionKey> key) throws IOException, BrokenFile {
        return new TextReading(
                abilities(receiver),
                DataFiles.events().in(new Terms(PracticeOption.SET_UNSET)),
                new IpSignals(DataFiles.letters()),
                key);
    }

    private static ReceiverAbilities abilities(String receiver) throws IOException, BrokenFile {
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

    void text(String text) {
        Printout printout = reading.of(format, text);
        printout.lines().stream().map(PrintedLine::text).forEach(printed::add);
        signals.addAll(printout.signals());
        printout.problems().forEach(problem -> problems.add(problem.says()));
    }

    void recording(Recording heard) {
        heard.reports().forEach(this::text);
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

    /// Whether nothing is wrong with it.
    boolean sound() {
        return problems.isEmpty();
    }

    /// All of it as one JSON document.
    ObjectNode json() {
        printed.forEach(report.putArray("printed")::add);
        ArrayNode all = report.putArray("signals");
        signals.forEach(signal -> all.addObject()
                .put("account", signal.account())
                .put("event", signal.event())
                .put("qualifier", signal.qualifier())
                .put("area", signal.area())
                .put("zone", signal.zone()));
        problems.forEach(report.putArray("problems")::add);
        return report;
    }

    /// What is printed, and what is wrong with it, line by line.
    List<String> lines() {
        List<String> lines = new ArrayList<>();
        printed.forEach(line -> lines.add(IpFrames.printable(line)));
        problems.forEach(problem -> lines.add("wrong: " + problem));
        return lines;
    }
}
