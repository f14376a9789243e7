package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.files.demo.DemoJobs;
import io.answerback.files.exchange.CaseFile;
import io.answerback.files.learning.ApprenticeFile;
import io.answerback.files.record.RatesFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Whatever is read and cannot be used is refused with what, where and what next, in words that are ours.
class BoundaryTest {
    @TempDir
    Path folder;

    private static BrokenFile refused(Boundary.Reading<?> reading) {
        try {
            Boundary.read("site.json", "Correct it there.", reading);
        } catch (BrokenFile refused) {
            return refused;
        }
        throw new AssertionError("it was read");
    }

    @Test
    void whateverIsThrownIsARefusalWithWhatToDo() {
        List<Boundary.Reading<?>> thrown = List.of(
                () -> Integer.valueOf("six"),
                () -> List.of().get(7),
                () -> {
                    throw new StackOverflowError();
                },
                () -> new JsonMapper().readTree("{\"a\": b}"));
        for (Boundary.Reading<?> each : thrown) {
            assertThat(refused(each).getMessage())
                    .startsWith("site.json")
                    .endsWith("Correct it there.")
                    .doesNotContain("Exception", "Error", "input string", "Index", "token");
        }
        assertThat(refused(() -> {
                            throw new OutOfMemoryError("Java heap space");
                        })
                        .getMessage())
                .isEqualTo("site.json needs more memory than there is. Choose a smaller one, or close other jobs.");
    }

    @Test
    void aCellOfTenThousandLettersDoesNotFillTheWindow() {
        String long_ = "x".repeat(10_000) + " \u2028\u0007\u0085";
        assertThat(refused(() -> {
                            throw new BrokenFile(
                                    "site.json, on line 3: \"" + long_ + "\" is not a number. Correct it there.");
                        })
                        .getMessage())
                .hasSizeLessThan(200)
                .contains("line 3", "…")
                .doesNotContain("\u2028", "\u0007", "\u0085");
    }

    /// A file that is written wrongly, of each kind that is written by hand or by another program.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "{",
                "{\"a\" 1}",
                "[tru]",
                "\0",
                "{\"attempts\": [{\"kind\": 7}]}",
                "{\"jobs\": [{\"job\": 1, \"taken\": {\"X\": {}}}]}"
            })
    void everyKindOfFileIsRefusedInOurWords(String text) throws Exception {
        Path file = Files.writeString(folder.resolve("rates.json"), text);
        List<Boundary.Reading<?>> readers = List.of(
                () -> JobFile.open(file),
                () -> SettingsFile.profile(file),
                () -> SettingsFile.unit(file),
                () -> SettingsFile.rules(file),
                () -> CaseFile.find(file.toString()));
        for (Boundary.Reading<?> reader : readers) {
            assertThatThrownBy(reader::read)
                    .isInstanceOf(BrokenFile.class)
                    .hasMessageMatching("(?s).*rates.json.*[.]")
                    .message()
                    .doesNotContainPattern("Exception|Unexpected|Unrecognized|token|Source|No enum");
        }
        for (Boundary.Reading<?> lenient : List.<Boundary.Reading<?>>of(
                () -> new ApprenticeFile(file).read(), () -> new RatesFile(folder).read())) {
            try {
                lenient.read();
            } catch (BrokenFile refused) {
                assertThat(refused.getMessage()).contains("rates.json").doesNotContain("Exception", "Source", "enum");
            }
        }
    }

    /// A figure without bounds lets -5 digits in, or a billion.
    @Test
    void everyNumberOfEverySchemaHasBounds() {
        List<String> unbound = new ArrayList<>();
        for (String schema : List.of("job", "profile", "unit", "rules")) {
            collect(new JsonMapper().readTree(Schemas.text(schema)), schema, unbound);
        }
        assertThat(unbound).isEmpty();
    }

    private static void collect(JsonNode node, String at, List<String> unbound) {
        JsonNode type = node.path("type");
        boolean number = Stream.concat(Stream.of(type), type.valueStream())
                .map(its -> its.asString(""))
                .anyMatch(its -> its.equals("number") || its.equals("integer"));
        boolean bound = (node.has("minimum") || node.has("exclusiveMinimum"))
                && (node.has("maximum") || node.has("exclusiveMaximum"));
        if (number && !bound && !node.has("enum")) {
            unbound.add(at);
        }
        node.properties().forEach(field -> collect(field.getValue(), at + "/" + field.getKey(), unbound));
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            collect(node.get(i), at + "/" + i, unbound);
        }
    }

    @Test
    void aNameWithANulInItIsRefusedWithItsPlace() throws Exception {
        String text = JobCodec.write(JobDocument.of(DemoJobs.job(1)));
        Path file = folder.resolve("a.answerback.json");
        for (String character : List.of("\\u0000", "\\u001b", "\\u0085")) {
            Files.writeString(file, text.replaceFirst("Dock roller door 2", "Dock\\" + character + "door"));
            assertThatThrownBy(() -> JobFile.open(file))
                    .isInstanceOf(BrokenFile.class)
                    .hasMessageContainingAll("line ", "/points/", "control character");
        }
        Files.writeString(file, text.replaceFirst("Dock roller door 2", "Dock\\\\ndoor"));
        assertThatThrownBy(() -> JobFile.open(file))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContaining("control character");
    }
}
