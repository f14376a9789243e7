package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.assess.Checks;
import io.answerback.core.engine.finding.Rule;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/// What verbs print for people says the same as what they print for programs.
class PrintedVerbsTest {
    private static final Pattern BATTERY =
            Pattern.compile("battery (\\S+) Ah: (\\S+) h of (\\S+) h; (\\S+) Ah would do");
    private static final Pattern VOLTS = Pattern.compile("(\\S+) V at the end of discharge");

    @TempDir
    Path folder;

    private Path demo(int number) {
        Path job = folder.resolve("job.answerback.json");
        Called.of("new", job, "--demo", number);
        return job;
    }

    @Test
    void everyRuleHasALineAndAnEntryOfItsOwn() {
        List<String> lines = Called.of("rules").out().lines().toList();
        JsonNode entries = Called.of("rules", "--json").json().path("rules");
        List<Rule> rules = Checks.rules();
        assertThat(lines).hasSameSizeAs(rules);
        assertThat(entries).hasSameSizeAs(rules);
        for (int i = 0; i < rules.size(); i++) {
            assertThat(lines.get(i))
                    .startsWith(rules.get(i).id())
                    .contains(rules.get(i).stop().title(), rules.get(i).grade().word())
                    .endsWith(rules.get(i).title());
            assertThat(entries.get(i).path("id").asString())
                    .isEqualTo(rules.get(i).id());
            assertThat(entries.get(i).path("reason").asString())
                    .isEqualTo(rules.get(i).reason());
        }
    }

    @ParameterizedTest
    @CsvSource({"1", "2", "3"})
    void aSupplyIsPrintedWithTheFiguresOfItsJson(int number) {
        Path job = demo(number);
        String printed = Called.of("supply", job).out();
        JsonNode json = Called.of("supply", job, "--json").json();
        for (JsonNode battery : json.path("batteries")) {
            assertThat(printed).contains(battery.path("supply").asString() + ": ");
            if (battery.has("fittedAh")) {
                Matcher line = BATTERY.matcher(printed);
                assertThat(line.find()).isTrue();
                List<String> figures = List.of("fittedAh", "standbyHours", "ruleHours", "requiredAh");
                for (int i = 0; i < figures.size(); i++) {
                    assertThat(Double.parseDouble(line.group(1 + i)))
                            .as(figures.get(i))
                            .isCloseTo(battery.path(figures.get(i)).asDouble(), within(0.051));
                }
            } else {
                assertThat(printed).contains(battery.path("problem").asString());
            }
        }
        List<String> devices = printed.lines()
                .filter(line -> line.contains("V at the end of discharge"))
                .toList();
        assertThat(devices).hasSameSizeAs(json.path("volts"));
        for (int i = 0; i < devices.size(); i++) {
            JsonNode device = json.path("volts").get(i);
            Matcher volts = VOLTS.matcher(devices.get(i));
            assertThat(volts.find()).isTrue();
            assertThat(devices.get(i)).contains(device.path("device").asString());
            assertThat(Double.parseDouble(volts.group(1)))
                    .isCloseTo(device.path("atEnd").asDouble(), within(0.0051));
            assertThat(devices.get(i).endsWith("FAILS"))
                    .as(devices.get(i))
                    .isEqualTo(
                            device.path("ok").isBoolean() && !device.path("ok").asBoolean());
        }
    }

    @Test
    void aSenderIsPrintedAsEnrolledOnlyWhereItsJsonHasTheZone() {
        Path job = demo(3);
        List<String> printed = Called.of("bus", job)
                .out()
                .lines()
                .filter(line -> line.startsWith("radio "))
                .toList();
        JsonNode radio = Called.of("bus", job, "--json").json().path("radio");
        assertThat(radio).isNotEmpty().hasSameSizeAs(printed);
        for (int i = 0; i < printed.size(); i++) {
            JsonNode sender = radio.get(i);
            assertThat(printed.get(i))
                    .startsWith("radio %02d".formatted(sender.path("zone").asInt()));
            assertThat(printed.get(i).contains("not enrolled"))
                    .isEqualTo(sender.path("enrolledAs").isNull());
            assertThat(printed.get(i).contains("not measured"))
                    .isEqualTo(sender.path("overFloorDecibels").isNull());
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            --misbehave; sulk; misbehaviour is "sulk"; there are
            --misbehave; drop=often; write a number, such as drop=3
            --misbehave; drop=0; write a number, such as drop=3
            --supervise; -1; it must be from 0 to 864000
            --supervise; 864001; it must be from 0 to 864000
            --port; 70000; 65535
            """)
    void aStationThatCannotBeSaysWhyAndDoesNotListen(String option, String value, String says) {
        Called called = Called.of("station", option, value);
        assertThat(called.code()).isEqualTo(2);
        assertThat(called.err()).contains(says.strip());
        assertThat(called.out()).doesNotContain("listening");
    }
}
