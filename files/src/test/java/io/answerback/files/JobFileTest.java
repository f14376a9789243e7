package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.edit.Edits;
import io.answerback.files.demo.DemoJobs;
import io.answerback.job.Job;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobFileTest {
    @TempDir
    Path folder;

    private final Job job = DemoJobs.job(1);

    @Test
    void savingKeepsTheLastFiveVersions() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        for (int metres = 1; metres <= 8; metres++) {
            JobFile.save(file, JobDocument.of(Edits.cableMetres("C-01", metres).on(job)));
        }
        assertThat(JobFile.open(file).job().cableTo("01").orElseThrow().metres())
                .isEqualTo(8);
        for (int back = 1; back <= 5; back++) {
            Path version = folder.resolve(".versions/site.answerback.json." + back);
            assertThat(JobFile.open(version).job().cableTo("01").orElseThrow().metres())
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
        String newer = JobCodec.write(JobDocument.of(job)).replaceFirst("\"version\": 6", "\"version\": 7");
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
        Path bytes = Files.write(folder.resolve("picture.json"), new byte[] {(byte) 0xFF, (byte) 0xD8, 0, 1});
        assertThatThrownBy(() -> JobFile.open(bytes)).hasMessageContaining("not text in UTF-8");
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

    /// Another process saves without end and is killed at some moment; the file must be whole every time.
    @Test
    void killingTheProcessDuringASaveLosesNothing() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.save(file, JobDocument.of(job));
        Random moments = new Random(7);
        for (int round = 0; round < 5; round++) {
            Process saver = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-cp",
                            System.getProperty("java.class.path"),
                            EndlessSaver.class.getName(),
                            file.toString())
                    .redirectErrorStream(true)
                    .start();
            try (var lines = saver.inputReader()) {
                int saves = 3 + moments.nextInt(20);
                for (int i = 0; i < saves; i++) {
                    assertThat(lines.readLine()).isEqualTo("saved");
                }
                saver.destroyForcibly();
            }
            assertThat(saver.waitFor(10, TimeUnit.SECONDS)).isTrue();
            assertThat(JobFile.open(file).job().points()).hasSize(24);
        }
    }

    /// The process that is killed.
    static final class EndlessSaver {
        public static void main(String[] arguments) throws Exception {
            Job job = DemoJobs.job(1);
            for (int metres = 1; ; metres = metres % 900 + 1) {
                JobFile.save(
                        Path.of(arguments[0]),
                        JobDocument.of(Edits.cableMetres("C-01", metres).on(job)));
                System.out.println("saved");
            }
        }
    }
}
