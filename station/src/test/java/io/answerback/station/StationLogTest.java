package io.answerback.station;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StationLogTest {
    @TempDir
    Path folder;

    @Test
    void itNeverGrowsBeyondTwiceItsLargestSize() throws Exception {
        Path file = folder.resolve("station.jsonl");
        StationLog log = new StationLog(file);
        Received large = new Received(
                Instant.EPOCH,
                "not a frame",
                "x".repeat(100_000),
                Optional.empty(),
                false,
                Optional.empty(),
                List.of("rubbish"),
                Optional.empty());
        for (int i = 0; i < 120; i++) {
            log.add(large);
        }
        long bytes = Files.size(file) + Files.size(folder.resolve("station.jsonl.old"));
        assertThat(bytes).isBetween(4L << 20, (8L << 20) + 300_000);
        assertThat(Files.readAllLines(file).getLast()).startsWith("{\"at\":").endsWith("}");
    }
}
