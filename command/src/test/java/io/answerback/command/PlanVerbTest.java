package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/// The acceptance plan from the command line.
class PlanVerbTest {
    @TempDir
    Path folder;

    @Test
    void thePlanSaysWhatMustArriveAndWhatWasShown() {
        Path job = folder.resolve("job.answerback.json");
        Called.of("new", job, "--demo", "1");
        Called plan = Called.of("plan", job, "--json");
        assertThat(plan.code()).isEqualTo(1);
        assertThat(plan.json().get("shown").asInt()).isEqualTo(13);
        JsonNode door = plan.json()
                .get("lines")
                .valueStream()
                .filter(line -> line.get("id").asString().equals("point:07"))
                .findFirst()
                .orElseThrow();
        assertThat(door.get("expects").valueStream().map(JsonNode::asString))
                .containsExactly("130 · 02 · 015", "R 130 · 02 · 015");
        assertThat(door.get("shown").asString()).isEqualTo("no");
        assertThat(Called.of("plan", job, "--service", "--json").json().get("lines"))
                .hasSizeLessThan(plan.json().get("lines").size())
                .hasSizeGreaterThan(57);
        assertThat(Called.of("plan", job).out()).contains("Devices, area by area", "Mains off, then on", "13 of ");
    }
}
