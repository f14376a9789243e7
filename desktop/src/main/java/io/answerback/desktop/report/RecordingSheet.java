package io.answerback.desktop.report;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.ReportTables;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.core.signal.printout.PrintedLine;
import io.answerback.core.signal.printout.Printout;
import io.answerback.core.signal.printout.TextReading;
import io.answerback.core.signal.sound.HeardDigit;
import io.answerback.core.signal.sound.Listening;
import io.answerback.core.signal.sound.LiveCalls;
import io.answerback.core.signal.sound.Recording;
import io.answerback.core.signal.sound.Sound;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import io.answerback.files.exchange.WavFile;
import io.answerback.station.line.HeardCall;
import io.answerback.station.line.LineListener;
import io.answerback.station.line.SoundCard;
import io.answerback.station.line.SoundInput;
import java.io.IOException;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;

/// A call from a recording or from the sound input, digit by digit, with what is out of the standard and what a
/// receiver prints.
public final class RecordingSheet extends PartSheet {
    private static final List<FileQuestions.Sort> WAV = List.of(new FileQuestions.Sort("Sound", "*.wav"));
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);
    private static final List<ReportFormat> ON_A_LINE =
            Arrays.stream(ReportFormat.values()).filter(its -> !its.overIp()).toList();

    private final Actions actions;
    private final ReportTables tables;
    private final ChosenReceiver chosenReceiver;
    private final Background background;
    private final FileQuestions files;
    private final InstantSource clock;
    private volatile ReportFormat format = ReportFormat.TONES;
    private Optional<Heard> heard = Optional.empty();
    private boolean listening;
    private Optional<Ear> ear = Optional.empty();

    /// What was heard in a file or on the line.
    private record Heard(String name, Sound sound, ReportFormat format, Recording recording) {}

    RecordingSheet(
            Actions actions,
            ReportTables tables,
            ChosenReceiver chosenReceiver,
            Background background,
            FileQuestions files,
            InstantSource clock) {
        this.clock = clock;
        this.actions = actions;
        this.tables = tables;
        this.chosenReceiver = chosenReceiver;
        this.background = background;
        this.files = files;
    }

    @Override
    public String title() {
        return "What is heard in a recording";
    }

    @Override
    public String about(WindowState state) {
        return "a WAV of a call, or the line itself at the sound input of this computer";
    }

    /// Reads a recording in the format that is chosen, on a thread of its own.
    public void open(Path file) {
        ReportFormat chosen = format;
        listening = true;
        showAgain();
        background.run(
                () -> {
                    Sound sound = WavFile.read(file).atLineRate();
                    String name = file.getFileName().toString();
                    return new Heard(name, sound, chosen, Listening.to(sound, chosen));
                },
                this::show,
                wrong -> {
                    listening = false;
                    actions.tell(wrong);
                    showAgain();
                });
    }

    /// Listens to the line through a sound input, and shows each call when it is over.
    ///
    /// @param input opens the input; not on the window's thread
    public void listenTo(Callable<SoundInput> input) {
        Ear now = new Ear();
        ear = Optional.of(now);
        showAgain();
        background.aside(() -> now.listen(input), problem -> {
            if (ear.equals(Optional.of(now))) {
                ear = Optional.empty();
            }
            problem.ifPresent(actions::tell);
            showAgain();
        });
    }

    /// One time of listening to the line, from the press that begins it to the one that ends it.
    private final class Ear {
        private Optional<SoundInput> input = Optional.empty();
        private boolean over;
        private String goesOn = "opening the sound input …";

        /// @return what went wrong; empty when it was ended
        Optional<String> listen(Callable<SoundInput> opens) throws Exception {
            try {
                SoundInput opened = opens.call();
                if (!begun(opened)) {
                    return Optional.empty();
                }
                new LineListener(() -> format, clock, this::heard, this::goesOn).listen(opened);
                return Optional.empty();
            } catch (IOException failed) {
                return Optional.of("Not listening: " + failed.getMessage());
            }
        }

        private synchronized boolean begun(SoundInput opened) {
            if (over) {
                opened.close();
                return false;
            }
            input = Optional.of(opened);
            return true;
        }

        synchronized void end() {
            over = true;
            input.ifPresent(SoundInput::close);
        }

        private void heard(HeardCall call) {
            String name = "call that ended at " + TIME.format(call.at().atZone(ZoneId.systemDefault()));
            background.show(() -> show(new Heard(name, call.sound(), call.format(), call.recording())));
        }

        private void goesOn(LiveCalls calls) {
            String now = Text.of(
                    "%s, %.0f dB", calls.inCall() ? "a call goes on" : "waiting for a call", calls.levelDecibels());
            background.show(() -> {
                if (!now.equals(goesOn)) {
                    goesOn = now;
                    showAgain();
                }
            });
        }
    }

    private void endListening() {
        ear.ifPresent(Ear::end);
        ear = Optional.empty();
        showAgain();
    }

    private void save(Heard its) {
        files.toWrite("Call as sound", its.name().replace(':', '.') + ".wav", WAV)
                .ifPresent(path -> background.run(
                        () -> {
                            WavFile.write(path, its.sound());
                            return path;
                        },
                        written -> actions.tell("Written: " + written)));
    }

    private void show(Heard its) {
        listening = false;
        heard = Optional.of(its);
        showAgain();
    }

    private void listenAs(ReportFormat other) {
        format = other;
        heard.ifPresent(its -> {
            listening = true;
            background.compute(
                    () -> new Heard(its.name(), its.sound(), other, Listening.to(its.sound(), other)), this::show);
        });
        showAgain();
    }

    @Override
    public List<Part> middle(WindowState state) {
        Parts row = Parts.flow(
                Tool.primary(
                        "Open a recording", () -> files.toRead("Recording", WAV).ifPresent(this::open)),
                Words.quiet("as"),
                Choice.of("Format", ON_A_LINE, format, ReportFormat::words, this::listenAs));
        ear.ifPresentOrElse(
                now -> {
                    row.add(Tool.of("Stop listening", "gives the sound input back", this::endListening));
                    row.add(Words.figure(now.goesOn));
                },
                () -> row.add(Tool.of(
                        "Listen to the line",
                        "reads each call that comes through the sound input of this computer, when it is over",
                        () -> listenTo(SoundCard::open))));
        heard.ifPresent(its -> row.add(Tool.of("Save as WAV", "8 kHz, 16 bit", () -> save(its))));
        heard.ifPresent(its -> row.add(
                Words.figure(Text.of("%s, %.1f s", its.name(), its.sound().seconds()))));
        if (listening) {
            row.add(Words.quiet("listening …"));
        }
        List<Part> parts = new ArrayList<>(List.of(row.style("switches").group()));
        if (heard.isEmpty()) {
            parts.add(
                    Words.empty(
                            "Open a WAV of a call, or listen to the line: take its sound off through a line adapter with a transformer, never from the wires themselves. Each digit is shown with its level, twist and timing, and what is out of the standard."));
            return parts;
        }
        Heard its = heard.get();
        parts.add(new WaveDrawing(its.sound(), its.recording()).asPart());
        parts.add(Words.section("Digits", its.format().words()).style("section-ruled"));
        parts.add(digits(its.recording()));
        parts.addAll(printed(state, its));
        return parts;
    }

    private static Part digits(Recording recording) {
        Grid.Filling grid = Grid.filling("table");
        grid.line(
                Words.quiet("digit"),
                Words.quiet("at"),
                Words.quiet("lasts"),
                Words.quiet("level"),
                Words.quiet("twist"),
                Words.quiet("pulses"));
        for (HeardDigit digit : recording.digits()) {
            boolean pulses = digit.perSecond() > 0;
            grid.line(
                    Words.figure(String.valueOf(digit.digit())),
                    Words.figure(Text.of("%.2f s", digit.atMillis() / 1000)),
                    Words.figure(Text.of("%.0f ms", digit.onMillis())),
                    Words.figure(Text.of("%.1f dB", digit.levelDecibels())),
                    Words.figure(pulses ? "" : Text.of("%+.1f dB", digit.twistDecibels())),
                    Words.figure(pulses ? Text.of("%.1f /s", digit.perSecond()) : ""));
        }
        return grid.grid();
    }

    private List<Part> printed(WindowState state, Heard its) {
        Optional<Receiver> receiver = chosenReceiver
                .in(state)
                .filter(one -> one.reception().abilities().takes(its.format()));
        ReceiverAbilities abilities =
                receiver.map(Receiver::reception).map(Reception::abilities).orElse(Reception.OVER_IP.abilities());
        TextReading reading =
                new TextReading(abilities, tables.events(), new IpSignals(tables.letters()), Optional.empty());
        List<Part> parts = new ArrayList<>();
        parts.add(Words.section(
                        "What is printed", receiver.map(Receiver::name).orElse("a receiver without words of its own"))
                .style("section-ruled"));
        Parts paper = Parts.column();
        for (String report : its.recording().reports()) {
            Printout printout = reading.of(its.format(), report);
            for (PrintedLine line : printout.lines()) {
                paper.add(Words.wrapped(Words.of(line.falseAccount() ? "printed-false" : "printed-line", line.text())));
            }
            printout.problems()
                    .forEach(problem -> paper.add(Words.wrapped(Words.of("printed-problem", problem.says()))));
        }
        parts.add(paper.style("printed").group());
        its.recording().problems().forEach(problem -> parts.add(Words.wrapped(Words.of("printed-problem", problem))));
        return parts;
    }
}
