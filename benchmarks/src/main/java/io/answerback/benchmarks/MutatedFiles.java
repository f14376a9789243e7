package io.answerback.benchmarks;

import io.answerback.command.Main;
import io.answerback.core.assess.Assessor;
import io.answerback.core.learn.apprentice.Apprentice;
import io.answerback.core.learn.apprentice.Attempt;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.setup.Catalogue;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.core.survey.NewJob;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.LogLine;
import io.answerback.files.Recovery;
import io.answerback.files.SettingsFile;
import io.answerback.files.StockFile;
import io.answerback.files.TextEncoding;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.exchange.CaseFile;
import io.answerback.files.exchange.FoundCsv;
import io.answerback.files.exchange.PointCsv;
import io.answerback.files.exchange.WavFile;
import io.answerback.files.folder.Remembered;
import io.answerback.files.learning.ApprenticeFile;
import io.answerback.files.record.JobLog;
import io.answerback.files.record.Photographs;
import io.answerback.files.record.RatesFile;
import io.answerback.files.secret.KeyFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/// One of every kind of file that is read, whole.
final class MutatedFiles {
    private final Path folder;
    private final List<MutatedFile> all = new ArrayList<>();
    private final Assessor assessor = new Assessor(DataFiles.events());

    MutatedFiles(Path folder) {
        this.folder = folder;
    }

    List<MutatedFile> all() throws IOException, BrokenFile {
        jobs();
        settings();
        stock();
        records();
        tables();
        pictures();
        sounds();
        frames();
        return List.copyOf(all);
    }

    private void add(String name, Path file, String ending, boolean json, MutatedFile.Reader reader)
            throws IOException {
        all.add(new MutatedFile(name, Files.readAllBytes(file), ending, json, reader));
    }

    private void jobs() throws IOException, BrokenFile {
        Path file = folder.resolve("whole" + JobFile.ENDING);
        for (int demo = 1; demo <= DemoJobs.COUNT; demo++) {
            JobFile.overwrite(file, JobDocument.of(DemoJobs.job(demo)));
            add("demo " + demo, file, JobFile.ENDING, true, its -> {});
        }
        Recovery recovery = new Recovery(folder);
        recovery.keep("new-1", JobDocument.of(DemoJobs.job(2)), List.of(line(1)));
        add("unsaved edits", folder.resolve("unsaved/new-1" + JobFile.ENDING), ".unsaved.json", true, its -> {
            Files.copy(
                    its,
                    folder.resolve("unsaved/new-1" + JobFile.ENDING),
                    java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            recovery.find("new-1");
        });
    }

    private static LogLine line(int number) {
        return new LogLine(Instant.ofEpochSecond(1_780_000_000L + number), "jk", "length of C-" + number);
    }

    private void settings() throws IOException, BrokenFile {
        for (var profile : DataFiles.profiles()) {
            Path its = folder.resolve("p" + SettingsFile.PROFILE_ENDING);
            SettingsFile.save(its, profile);
            add(profile.id(), its, SettingsFile.PROFILE_ENDING, true, file -> {
                var read = SettingsFile.profile(file);
                assessor.assess(NewJob.of("Site", "", DataFiles.rules().getFirst(), PracticeOption.SET_UNSET, read));
            });
        }
        for (var rules : DataFiles.rules()) {
            Path its = folder.resolve("r" + SettingsFile.RULES_ENDING);
            SettingsFile.save(its, rules);
            add(rules.name(), its, SettingsFile.RULES_ENDING, true, SettingsFile::rules);
        }
        all.add(new MutatedFile(
                "a communicator", shipped("units/unit-d.json"), SettingsFile.UNIT_ENDING, true, SettingsFile::unit));
        Path home = Files.createDirectories(folder.resolve("home"));
        Remembered.nothing()
                .window(10, 10, 1200, 800)
                .opened(folder.resolve("a.answerback.json"))
                .save(home);
        try (var files = Files.list(home)) {
            Path state = files.findFirst().orElseThrow();
            add("the window's state", state, ".state.json", true, file -> {
                Files.copy(file, state, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
                Remembered.load(home);
            });
        }
    }

    private static byte[] shipped(String name) {
        return String.join("\n", DataFiles.lines(name)).getBytes(StandardCharsets.UTF_8);
    }

    private void stock() {
        all.add(new MutatedFile(
                "cables", shipped("data/cables.csv"), StockFile.CABLES_ENDING, false, StockFile::cableTypes));
        all.add(new MutatedFile(
                "labels", shipped("data/labels.csv"), StockFile.LABELS_ENDING, false, StockFile::labelStocks));
        all.add(new MutatedFile(
                "receivers", shipped("data/receivers.csv"), StockFile.RECEIVERS_ENDING, false, StockFile::receivers));
        all.add(new MutatedFile(
                "pulses", shipped("data/pulses.csv"), StockFile.PULSES_ENDING, false, StockFile::pulseTimings));
        for (String story : CaseFile.shipped()) {
            all.add(new MutatedFile(
                    story,
                    shipped("cases/" + story + CaseFile.ENDING),
                    CaseFile.ENDING,
                    true,
                    file -> CaseFile.find(file.toString())));
        }
    }

    private void records() throws IOException, BrokenFile {
        Path log = folder.resolve("logged" + JobFile.ENDING);
        JobLog.beside(log).add(List.of(line(1), line(2), line(3), line(4)));
        Path lines = JobLog.beside(log).file();
        add("a log", lines, ".lines.jsonl", false, file -> {
            Files.copy(file, lines, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            JobLog.beside(log).read();
            JobLog.beside(log).add(List.of(line(5)));
        });
        Path apprentice = folder.resolve("a" + ApprenticeFile.ENDING);
        new ApprenticeFile(apprentice)
                .write(new Apprentice(
                        "Apprentice One", List.of(new Attempt(ExerciseKind.LOOP, 2, 7, true, true, 3, 2, 40))));
        add("an apprentice", apprentice, ApprenticeFile.ENDING, true, file -> new ApprenticeFile(file).read());
        Path rates = folder.resolve("rates.json");
        Files.writeString(
                rates, "{\"jobs\": [{\"job\": \"Quay 3\", \"taken\": {\"LABEL\": {\"count\": 3, \"minutes\": 40}}}]}");
        add("rates", rates, ".rates.copy.json", true, file -> {
            Files.copy(file, rates, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            new RatesFile(folder).read();
        });
        keys();
    }

    private void keys() throws IOException, BrokenFile {
        Path home = Files.createDirectories(folder.resolve("keys"));
        char[] phrase = "four words without a sense".toCharArray();
        KeyFile.begin(home, phrase, 1);
        try (var files = Files.list(home)) {
            Path keys = files.filter(file -> file.toString().endsWith(".json"))
                    .findFirst()
                    .orElseThrow();
            add("keys", keys, ".keys.json", true, file -> {
                Files.copy(file, keys, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
                KeyFile.open(home, phrase.clone());
            });
        }
    }

    private void tables() throws IOException {
        Path points = folder.resolve("points.csv");
        PointCsv.write(points, DemoJobs.job(1));
        add("a table of points", points, ".csv", false, file -> PointCsv.read(file, TextEncoding.UTF_8));
        Path found = Files.writeString(
                folder.resolve("found.csv"), "setting,number,entry\nentry-time,1,30\nzone-type,3,immediate\n");
        add(
                "a table of what was found",
                found,
                ".found.csv",
                false,
                file -> FoundCsv.read(file, Catalogue.of(DemoJobs.job(1))));
    }

    private void pictures() throws IOException {
        BufferedImage image = new BufferedImage(96, 64, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(1);
        for (int x = 0; x < 96; x++) {
            for (int y = 0; y < 64; y++) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        for (String kind : List.of("jpg", "png", "gif", "bmp")) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, kind, out);
            all.add(new MutatedFile(
                    "a picture, " + kind,
                    out.toByteArray(),
                    "." + kind,
                    false,
                    file -> Photographs.beside(folder.resolve("pictured" + JobFile.ENDING))
                            .take(file, "door", true)));
        }
    }

    private void sounds() {
        var call = new CallScript()
                .silence(200)
                .handshakeOfTones()
                .tones("73161811")
                .call();
        byte[] wav = WavFile.bytes(Synthesis.of(call, new LineQuality(-12, 40, 0, 0), new Random(1)));
        all.add(new MutatedFile("a recording", wav, ".wav", false, WavFile::read));
    }

    /// Frames come through the verb that reads them from a file.
    private void frames() {
        String frame = "\n7A2C0020\"SIA-DCS\"0001L0#7316[#7316|Nri1/BA015]_10:00:00,06-02-2026\r";
        all.add(new MutatedFile(
                "a frame", frame.getBytes(StandardCharsets.ISO_8859_1), ".frame.txt", false, MutatedFiles::readVerb));
    }

    private static void readVerb(Path file) throws BrokenFile {
        PrintStream before = System.out;
        StringWriter errors = new StringWriter();
        System.setOut(new PrintStream(OutputStream.nullOutputStream()));
        try {
            Main.commandLine().setErr(new PrintWriter(errors, true)).execute("read", file.toString());
        } finally {
            System.setOut(before);
        }
        if (!errors.toString().isBlank()) {
            throw new BrokenFile(errors.toString().strip());
        }
    }
}
