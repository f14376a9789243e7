package io.answerback.benchmarks;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.site.Job;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.files.BrokenFile;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.LogLine;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.record.JobLog;
import io.answerback.files.record.Photographs;
import io.answerback.files.secret.KeyFile;
import io.answerback.files.secret.StationKeys.Place;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;

/// Writes everything that is written on a disk on which so many pages are left, from none on until all of it
/// succeeds: the disk fails at every write in turn. After each attempt what was there before or what was to
/// be written is there whole.
public final class FullDiskRun {
    private static final int PAGE = 4096;
    private static final CableId CABLE = new CableId("C-17");
    private static final char[] PHRASE = "four words without a sense".toCharArray();
    private static final String HEX = "0123456789ABCDEF0123456789ABCDEF";

    /// Some pages of lines.
    private static final List<LogLine> MORE =
            IntStream.range(3, 63).mapToObj(FullDiskRun::line).toList();

    private final Path disk;
    private final Path elsewhere;
    private final Map<String, Integer> refusals = new TreeMap<>();
    private final List<String> wrong = new ArrayList<>();

    private FullDiskRun(Path disk, Path elsewhere) {
        this.disk = disk;
        this.elsewhere = elsewhere;
    }

    /// Writes something.
    private interface Writing {
        void write() throws BrokenFile, IOException;
    }

    private static Job job(int metres) {
        return Edits.cableMetres(CABLE, metres).on(DemoJobs.job(1));
    }

    private static LogLine line(int number) {
        return new LogLine(Instant.ofEpochSecond(number), "jk", "length of C-17");
    }

    private Path file() {
        return disk.resolve("site.answerback.json");
    }

    private void begin() throws IOException, BrokenFile {
        empty();
        JobFile.save(file(), JobDocument.of(job(101)));
        JobLog.beside(file()).add(List.of(line(1), line(2)));
        new Recovery(disk.resolve("home")).keep("key", JobDocument.of(job(101)), List.of(line(3)));
        KeyFile.begin(disk.resolve("home"), PHRASE, 1)
                .change(all -> all.keys(keys -> keys.with(new Place("North", "7316"), EncryptionKey.of(HEX))));
    }

    private void empty() throws IOException {
        try (var files = Files.walk(disk)) {
            for (Path each : files.sorted((one, other) -> other.compareTo(one)).toList()) {
                if (!each.equals(disk)) {
                    Files.delete(each);
                }
            }
        }
    }

    private void fill(int pagesLeft) throws IOException {
        FileStore store = Files.getFileStore(disk);
        long bytes = store.getUsableSpace() - (long) pagesLeft * PAGE;
        try (var out = Files.newOutputStream(disk.resolve("filling"))) {
            byte[] page = new byte[PAGE];
            for (long written = 0; written + PAGE <= bytes; written += PAGE) {
                out.write(page);
            }
        }
    }

    private boolean tried(String what, int pagesLeft, Writing writing) {
        try {
            writing.write();
            return true;
        } catch (IOException | BrokenFile refused) {
            refusals.merge(what, 1, Integer::sum);
            return false;
        } catch (RuntimeException | Error thrown) {
            wrong.add("%s with %d pages left: %s".formatted(what, pagesLeft, thrown));
            return false;
        }
    }

    private boolean once(int pagesLeft, Path picture) throws IOException, BrokenFile {
        begin();
        fill(pagesLeft);
        boolean saved = tried(
                "save",
                pagesLeft,
                () -> JobFile.save(file(), JobFile.open(file()).with(job(202))));
        boolean logged = tried("log", pagesLeft, () -> JobLog.beside(file()).add(MORE));
        boolean kept = tried(
                "unsaved edits",
                pagesLeft,
                () -> new Recovery(disk.resolve("home")).keep("key", JobDocument.of(job(202)), List.of(line(5))));
        boolean keyed = tried(
                "keys",
                pagesLeft,
                () -> KeyFile.open(disk.resolve("home"), PHRASE)
                        .change(all -> all.keys(keys -> keys.with(new Place("South", "7317"), EncryptionKey.of(HEX)))));
        boolean pictured =
                tried("photograph", pagesLeft, () -> Photographs.beside(file()).take(picture, "door", false));
        Files.delete(disk.resolve("filling"));
        try {
            hold(pagesLeft, saved, logged, kept, keyed);
        } catch (IOException | BrokenFile | RuntimeException broken) {
            wrong.add("with %d pages left nothing can be read any more: %s".formatted(pagesLeft, broken));
        }
        return saved && logged && kept && keyed && pictured;
    }

    private void hold(int pagesLeft, boolean saved, boolean logged, boolean kept, boolean keyed)
            throws IOException, BrokenFile {
        require(pagesLeft, "job", JobFile.open(file()).job().equals(job(saved ? 202 : 101)));
        JobLog.Read log = JobLog.beside(file()).read();
        require(
                pagesLeft,
                "log " + log,
                log.broken().isEmpty() && log.lines().size() == (logged ? 2 + MORE.size() : 2));
        Unsaved unsaved = new Recovery(disk.resolve("home")).find("key");
        require(
                pagesLeft,
                "unsaved edits",
                unsaved instanceof Unsaved.Kept its && its.document().job().equals(job(kept ? 202 : 101)));
        int keys = KeyFile.open(disk.resolve("home"), PHRASE)
                .secrets()
                .keys()
                .places()
                .size();
        require(pagesLeft, "keys", keys == (keyed ? 2 : 1));
    }

    private void require(int pagesLeft, String what, boolean sound) {
        if (!sound) {
            wrong.add("%s with %d pages left is neither as before nor as written".formatted(what, pagesLeft));
        }
    }

    /// Runs from the command line: the folder of a small disk.
    public static void main(String[] arguments) throws Exception {
        FullDiskRun run = new FullDiskRun(Path.of(arguments[0]), Files.createTempDirectory("answerback-elsewhere"));
        Path picture = run.elsewhere.resolve("camera.png");
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        int pages = 0;
        while (!run.once(pages, picture)) {
            pages++;
        }
        run.empty();
        System.out.printf(
                "from 0 to %d pages of %d bytes left; refused: %s; wrong: %d%n",
                pages, PAGE, run.refusals, run.wrong.size());
        run.wrong.forEach(System.out::println);
        Arrays.fill(PHRASE, ' ');
        System.exit(run.wrong.isEmpty() ? 0 : 1);
    }
}
