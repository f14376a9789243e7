package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/// What the client keeps, from the command line.
class PackVerbTest {
    @TempDir
    Path folder;

    @Test
    void thePackIsWrittenAndItsGapsAreSaid() throws Exception {
        Path job = folder.resolve("job.answerback.json");
        Called.of("new", job, "--demo", "2");
        Path out = folder.resolve("pack");
        Called pack = Called.of("pack", job, "--out", out, "--json");
        assertThat(pack.code()).isEqualTo(1);
        assertThat(pack.json()
                        .get("sections")
                        .valueStream()
                        .map(section -> section.get("id").asString()))
                .contains("your-alarm-system", "zone-list", "shown", "due-dates", "signatures");
        for (JsonNode file : pack.json().get("files")) {
            assertThat(out.resolve(file.asString())).exists();
        }
        assertThat(Files.readString(out.resolve("job.answerback.json"))).isEqualTo(Files.readString(job));
        assertThat(Called.of("pack", job, "--out", job).code()).isNotZero();
    }
}
