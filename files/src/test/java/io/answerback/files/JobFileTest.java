package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobFileTest {
    @TempDir
    Path folder;

    private final Job job = DemoJobs.job(1);
    private final Job longer = Edits.cableMetres(new CableId("C-01"), 77).on(job);

    @Test
    void savingKeepsTheLastFiveVersions() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        for (int metres = 1; metres <= 8; metres++) {
            JobFile.save(
                    file,
                    JobDocument.of(
                            Edits.cableMetres(new CableId("C-01"), metres).on(job)));
        }
        assertThat(JobFile.open(file)
                        .job()
                        .cableTo(new PointId("01"))
                        .orElseThrow()
                        .metres())
                .isEqualTo(8);
        for (int back = 1; back <= 5; back++) {
            Path version = folder.resolve(".versions/site.answerback.json." + back);
            assertThat(JobFile.open(version)
                            .job()
                            .cableTo(new PointId("01"))
                            .orElseThrow()
                            .metres())
                    .isEqualTo(8 - back);
        }
        try (var left = Files.list(folder.resolve(".versions"))) {
            assertThat(left).hasSize(5);
        }
        try (var left = Files.list(folder)) {
            assertThat(left).hasSize(2);
        }
    }

    @Test
    void aNewerFileIsNeverOverwritten() throws Exception {
        Path file = folder.resolve("newer.answerback.json");
        String newer = JobCodec.write(JobDocument.of(job)).replaceFirst("\"version\": 13", "\"version\": 14");
        Files.writeString(file, newer);
        JobDocument read = JobFile.open(file);
        assertThatThrownBy(() -> JobFile.save(file, read))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("newer version");
        assertThat(file).hasContent(newer);
    }

    @Test
    void whatIsNoJobFileSaysWhatToDo() throws IOException {
        assertThatThrownBy(() -> JobFile.open(folder.resolve("none.json"))).hasMessageContaining("There is no file");
        assertThatThrownBy(() -> JobFile.open(folder)).isInstanceOf(BrokenFile.class);
        Path bytes = Files.write(folder.resolve("picture.json"), new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, 1});
        assertThatThrownBy(() -> JobFile.open(bytes)).hasMessageContaining("it is a picture");
    }

    @Test
    void aFileThatSomebodyElseChangedIsNotOverwritten() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.overwrite(file, JobDocument.of(job));
        JobDocument mine = JobFile.open(file);
        JobDocument theirs = JobFile.open(file);
        Job changed = Edits.cableMetres(new CableId("C-01"), 77).on(job);
        JobFile.save(file, theirs.with(changed));
        assertThatThrownBy(() -> JobFile.save(
                        file,
                        mine.with(Edits.cableMetres(new CableId("C-02"), 3).on(job))))
                .isInstanceOf(ChangedOutside.class);
        assertThat(JobFile.open(file).job()).isEqualTo(changed);
        // what was saved can be saved again
        JobDocument saved = JobFile.save(file, JobFile.open(file).with(job)).document();
        assertThat(JobFile.save(file, saved.with(changed)).trouble()).isEmpty();
    }

    @Test
    void aLinkStaysALinkAndTheModeStays() throws Exception {
        Path real = folder.resolve("real.answerback.json");
        JobFile.overwrite(real, JobDocument.of(job));
        Files.setPosixFilePermissions(real, PosixFilePermissions.fromString("rw-rw-r--"));
        Path link = Files.createSymbolicLink(folder.resolve("link.answerback.json"), Path.of("real.answerback.json"));
        Job changed = Edits.cableMetres(new CableId("C-01"), 77).on(job);
        JobFile.save(link, JobFile.open(link).with(changed));
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(JobFile.open(real).job()).isEqualTo(changed);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(real)))
                .isEqualTo("rw-rw-r--");
    }

    @Test
    void aReadOnlyFileIsLeftAndTheReasonIsSaid() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.overwrite(file, JobDocument.of(job));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> JobFile.overwrite(
                        file,
                        JobDocument.of(
                                Edits.cableMetres(new CableId("C-01"), 77).on(job))))
                .isInstanceOfSatisfying(
                        IOException.class,
                        failed -> assertThat(DiskWords.of(failed)).contains("site.answerback.json", "it is read-only"));
        assertThat(JobFile.open(file).job()).isEqualTo(job);
        assertThat(names()).containsExactly("site.answerback.json");
    }

    private List<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aBlockedVersionsFolderCostsTheVersionOnlyAndIsSaid() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.overwrite(file, JobDocument.of(job));
        Files.writeString(folder.resolve(".versions"), "a file, not a folder");
        Job changed = Edits.cableMetres(new CableId("C-01"), 77).on(job);
        assertThat(JobFile.overwrite(file, JobDocument.of(changed)).trouble().orElseThrow())
                .contains("could not be kept", ".versions");
        assertThat(JobFile.open(file).job()).isEqualTo(changed);
        assertThat(names()).containsExactly(".versions", "site.answerback.json");
    }

    @Test
    void whatAKilledSaveLeftIsSweptWhenTheFileIsOpened() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.overwrite(file, JobDocument.of(job));
        Files.writeString(folder.resolve(".site.answerback.json.writing"), "half");
        Files.writeString(folder.resolve(".site.answerback.json.lock"), "");
        JobFile.open(file);
        assertThat(names()).containsExactly("site.answerback.json");
    }

    @Test
    void pipesAndDevicesAndFoldersAreRefusedAtOnce() throws Exception {
        assertThatThrownBy(() -> JobFile.open(Path.of("/dev/zero"))).hasMessageContaining("not a file");
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor())
                .isZero();
        assertThatThrownBy(() -> JobFile.open(pipe)).hasMessageContaining("not a file");
    }

    @Test
    void aByteOrderMarkIsNoPartOfTheText() throws Exception {
        Path file = folder.resolve("marked.answerback.json");
        String text = JobCodec.write(JobDocument.of(job));
        Files.writeString(file, "\uFEFF" + text);
        assertThat(JobFile.open(file).job()).isEqualTo(job);
        Files.write(file, ("\uFEFF" + text).getBytes(java.nio.charset.StandardCharsets.UTF_16LE));
        assertThat(JobFile.open(file).job()).isEqualTo(job);
    }

    @Test
    void aSaveThatTheDiskRefusesLeavesTheFile() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.save(file, JobDocument.of(job));
        Path blocked = Files.writeString(folder.resolve("blocked"), "a file, not a folder");
        assertThatThrownBy(() -> JobFile.save(blocked.resolve("site.answerback.json"), JobDocument.of(job)))
                .isInstanceOf(IOException.class);
        assertThat(JobFile.open(file).job()).isEqualTo(job);
    }

    /// Another process puts one of two texts of the job into the file, as saving does, without end, and is killed
    /// at some moment; the file must hold one of the two every time.
    @Test
    void killingTheProcessDuringASaveLosesNothing() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.save(file, JobDocument.of(job));
        Random moments = new Random(7);
        for (int round = 0; round < 12; round++) {
            killedAfter(3 + moments.nextInt(40), file);
            assertThat(JobFile.open(file).job()).isIn(job, longer);
        }
    }

    /// One that waited for the other must not take for its own what the other has put in place meanwhile.
    @Test
    void twoProgramsThatSaveTheSameFileBothComeThrough() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        Process first = saver(file);
        Process second = saver(file);
        try (var some = first.inputReader();
                var others = second.inputReader()) {
            for (int i = 0; i < 150; i++) {
                assertThat(List.of(some.readLine(), others.readLine())).containsOnly("saved");
                assertThat(JobFile.open(file).job()).isIn(job, longer);
            }
        } finally {
            first.destroyForcibly();
            second.destroyForcibly();
        }
    }

    /// Another program that saves two states of the job in turn.
    private Process saver(Path file) throws Exception {
        Path one = folder.resolve("one.answerback.json");
        Path another = folder.resolve("another.answerback.json");
        JobFile.overwrite(one, JobDocument.of(job));
        JobFile.overwrite(another, JobDocument.of(longer));
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        EndlessSaver.class.getName(),
                        file.toString(),
                        one.toString(),
                        another.toString())
                .redirectErrorStream(true)
                .start();
    }

    private void killedAfter(int saves, Path file) throws Exception {
        Process saver = saver(file);
        try (var lines = saver.inputReader()) {
            for (int i = 0; i < saves; i++) {
                assertThat(lines.readLine()).isEqualTo("saved");
            }
        } finally {
            saver.destroyForcibly();
        }
        assertThat(saver.waitFor(10, TimeUnit.SECONDS)).isTrue();
    }

    /// The process that is killed.
    static final class EndlessSaver {
        public static void main(String[] arguments) throws Exception {
            String[] texts = {Files.readString(Path.of(arguments[1])), Files.readString(Path.of(arguments[2]))};
            for (int i = 0; ; i = 1 - i) {
                SafeFile.replaceKeepingVersions(Path.of(arguments[0]), texts[i], () -> {});
                System.out.println("saved");
            }
        }
    }
}
