package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/// A demo in a file, for commands to read.
abstract class DemoFile {
    @TempDir
    Path folder;

    Path file;

    @BeforeEach
    void writeDemo() {
        file = folder.resolve("j.answerback.json");
        assertThat(Called.of("new", file, "--demo", "1").code()).isZero();
    }
}
