package io.answerback.command;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.printout.TextReading;
import io.answerback.files.BrokenFile;
import io.answerback.files.exchange.WavFile;
import io.answerback.station.line.HeardCall;
import io.answerback.station.line.LineListener;
import io.answerback.station.line.Recorded;
import io.answerback.station.line.SoundCard;
import io.answerback.station.line.SoundInput;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ObjectNode;

/// Listens to a dialler on a line and reads each call when it is over. Exit code 1 when something is wrong
/// with one, or no call came.
@Command(
        name = "listen",
        description = "listen to a dialler at the sound input of this computer",
        footer = {
            "",
            "Take the sound off the line through an adapter with a transformer, never from the",
            "wires themselves: a ringing line carries a dangerous voltage. A call is over after",
            "four seconds of silence."
        },
        mixinStandardHelpOptions = true)
final class ListenVerb implements Callable<Integer> {
    private static final int LONGEST_SECONDS = 864_000;

    @Option(names = "--format", required = true, description = "as for frame, without those over IP")
    private String format;

    @Option(names = "--seconds", defaultValue = "0", description = "ends after so long (default: until it is ended)")
    private int seconds;

    @Option(names = "--from", paramLabel = "FILE", description = "a recording in place of the sound input")
    private Path from;

    @Option(names = "--save", paramLabel = "FOLDER", description = "writes each call as a WAV there")
    private Path folder;

    @Option(
            names = "--receiver",
            paramLabel = "JOB:ID",
            description = "what this receiver of a job would print, such as site.answerback.json:B")
    private String receiver;

    @Option(names = "--json", description = "answer in one JSON document a line, for each call")
    private boolean json;

    private int calls;
    private boolean wrong;

    @Override
    public Integer call() throws IOException, BrokenFile {
        ReportFormat chosen = ReportFormat.byId(format)
                .orElseThrow(() ->
                        new IllegalArgumentException("format is \"" + format + "\"; there are " + ReportFormat.ids()));
        if (seconds < 0 || seconds > LONGEST_SECONDS) {
            throw new IllegalArgumentException("seconds is " + seconds + "; it must be 0 to " + LONGEST_SECONDS);
        }
        TextReading reading = Readings.by(receiver, Optional.empty());
        LineListener listener = new LineListener(
                () -> chosen,
                InstantSource.system(),
                heard -> read(new Readings(chosen, reading), heard),
                goesOn -> {});
        SoundInput input = from == null ? SoundCard.open() : new Recorded(WavFile.read(from));
        if (from == null) {
            System.err.println("listening" + (seconds == 0 ? "; end it with Ctrl+C" : " for " + seconds + " s"));
        }
        try (ScheduledExecutorService end = Executors.newSingleThreadScheduledExecutor(
                Thread.ofPlatform().daemon().factory())) {
            if (seconds > 0) {
                end.schedule(input::close, seconds, TimeUnit.SECONDS);
            }
            listener.listen(input);
            end.shutdownNow();
        } catch (UncheckedIOException notSaved) {
            throw notSaved.getCause();
        }
        if (calls == 0 && !json) {
            System.out.println("no call was heard");
        }
        return calls == 0 || wrong ? 1 : 0;
    }

    private void read(Readings readings, HeardCall heard) {
        calls++;
        readings.recording(heard.recording());
        wrong |= !readings.sound();
        Optional<Path> saved = Optional.ofNullable(folder).map(into -> saved(into, heard));
        if (json) {
            ObjectNode report = readings.json().put("at", heard.at().toString());
            saved.ifPresent(file -> report.put("wav", file.toString()));
            Json.line(report.toString());
        } else {
            Json.line("call " + calls + saved.map(file -> "  " + file).orElse(""));
            readings.lines().forEach(Json::line);
        }
    }

    private Path saved(Path into, HeardCall heard) {
        try {
            Path file = into.resolve("call-" + heard.at().toString().replace(':', '.') + "-" + calls + ".wav");
            WavFile.write(file, heard.sound());
            return file;
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }
}
