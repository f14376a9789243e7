package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.desktop.Opening;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AnswerbackTest {
    @Test
    void aPlainCallOpensItsWindowWithoutReadingTheCommandLine() {
        assertThat(Answerback.window("demo")).contains(new Opening.Demo(1));
        assertThat(Answerback.window("start")).contains(new Opening.Start());
        assertThat(Answerback.window("open", "north berth.answerback.json"))
                .contains(new Opening.JobAt(Path.of("north berth.answerback.json")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "demo 2",
                "demo --help",
                "start --help",
                "open",
                "open --help",
                "open -h",
                "open @arguments",
                "open a.answerback.json b.answerback.json",
                "check a.answerback.json"
            })
    void everyOtherCallIsReadAsACommandLine(String call) {
        assertThat(Answerback.window(call.split(" "))).isEmpty();
    }

    /// In a process of its own, for JavaFX starts once in each.
    @Test
    void aBrokenFileIsRefusedInOneLineAndNoWindowIsShown(@TempDir Path folder) throws Exception {
        Path broken = Files.writeString(folder.resolve("north.answerback.json"), "{\"format\": \"answerback-job\",");
        Path said = folder.resolve("said.txt");
        Process answerback = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Dglass.platform=Headless",
                        "-Dprism.order=sw",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Answerback.class.getName(),
                        "open",
                        broken.toString())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        try {
            assertThat(answerback.waitFor(60, TimeUnit.SECONDS)).isTrue();
            assertThat(answerback.exitValue()).isEqualTo(2);
            assertThat(Files.readAllLines(said)).last().asString().startsWith(broken + ", line 1");
            assertThat(Files.readString(said)).doesNotContain("Exception");
        } finally {
            answerback.destroyForcibly();
        }
    }
}
