package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/// Stories of a panel from the command line.
class PanelVerbTest {
    @TempDir
    Path folder;

    private Path job;

    @BeforeEach
    void job() {
        job = folder.resolve("job.answerback.json");
        Called.of("new", job, "--demo", "1");
    }

    @Test
    void aStoryIsToldWithItsSignals() {
        Called told = Called.of("panel", job, "--case", "late-cleaner", "--json");
        assertThat(told.code()).isZero();
        assertThat(told.json().get("asExpected").asBoolean()).isTrue();
        assertThat(told.json().get("differs")).isEmpty();
        JsonNode alarm = told.json()
                .get("events")
                .valueStream()
                .filter(event -> event.path("signal").path("event").asString("").equals("134"))
                .findFirst()
                .orElseThrow();
        assertThat(alarm.get("at").asString()).isEqualTo("20:30:30");
        assertThat(alarm.get("signal").get("zone").asString()).isEqualTo("001");
        assertThat(told.json().get("events").findValuesAsString("output")).contains("sounder on", "sounder off");
        assertThat(Called.of("panel", job, "--case", "late-cleaner").out())
                .contains("20:30:38", "(cancelled)", "as expected");
    }

    @Test
    void withoutACaseAllThatShipAreRun() {
        Called all = Called.of("panel", job, "--json");
        assertThat(all.code()).isZero();
        assertThat(all.json().get("cases")).hasSize(17);
    }

    @Test
    void anotherEndLeavesWithOneAndABadStoryWithTwo() throws Exception {
        Path story = folder.resolve("mine.case.json");
        Files.writeString(story, """
                {"format": "answerback-case", "name": "Mine", "lasts": "01:00:00",
                 "happens": [{"at": "00:01:00", "does": "open", "zone": 5}], "expects": []}
                """);
        Called differs = Called.of("panel", job, "--case", story, "--json");
        assertThat(differs.code()).isEqualTo(1);
        assertThat(differs.json().get("differs").get(0).asString()).contains("sent and not expected: 00:01:00 1 120");
        Files.writeString(
                story, "{\"format\": \"answerback-case\", \"name\": \"x\", \"happens\": [{\"at\": \"now\"}]}");
        Called bad = Called.of("panel", job, "--case", story);
        assertThat(bad.code()).isEqualTo(Main.BAD_CALL);
        assertThat(bad.err()).contains("hours:minutes:seconds");
        assertThat(Called.of("panel", job, "--case", "nonsense").code()).isEqualTo(Main.BAD_CALL);
    }

    @Test
    void anotherDecisionLetsTheCleanerIn() {
        Called longer = Called.of("panel", job, "--case", "late-cleaner", "--decide", "ENTRY_TIME:1=45", "--json");
        assertThat(longer.code()).isEqualTo(1);
        assertThat(longer.json().get("differs").valueStream().map(JsonNode::asString))
                .contains("expected and not sent: 20:30:30 1 134 area 01 zone or user 001");
        assertThat(Called.of("panel", job, "--decide", "ENTRY_TIME").code()).isEqualTo(2);
        assertThat(Called.of("panel", job, "--decide", "FLOOD:1=3").err()).contains("FLOOD");
    }
}
