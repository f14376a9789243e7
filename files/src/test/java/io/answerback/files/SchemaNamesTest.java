package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import io.answerback.core.model.practice.PracticeOption;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/// The names that the published schemas list are those that there are: what is added to the kinds of something and
/// not to a schema would be saved, and refused when the file is opened again.
class SchemaNamesTest {
    private static final Set<Set<String>> KINDS = new ClassFileImporter()
            .importPackages("io.answerback.core").stream()
                    .filter(JavaClass::isEnum)
                    .map(JavaClass::reflect)
                    .map(SchemaNamesTest::names)
                    .collect(Collectors.toSet());

    /// Where only some of a kind can be: cores that can be doubled, and those that have a colour of their own.
    private static final Set<String> SOME = Set.of(
            "/properties/cables/items/properties/installation/properties/doubled/items",
            "/properties/cores/properties/colours/propertyNames");

    @ParameterizedTest
    @ValueSource(strings = {"job", "profile", "rules", "unit"})
    void everyListOfNamesIsOneKindWhole(String schema) throws IOException {
        Map<String, Set<String>> strange = new LinkedHashMap<>();
        lists(schema).forEach((place, names) -> {
            if (!SOME.contains(place) && !KINDS.contains(names) && !names.equals(options(place))) {
                strange.put(place, names);
            }
        });
        assertThat(strange).isEmpty();
    }

    @Test
    void allFourSchemasListNames() throws IOException {
        assertThat(lists("job")).hasSizeGreaterThan(40);
        assertThat(lists("profile")).hasSizeGreaterThan(10);
    }

    private static Set<String> names(Class<?> kind) {
        return Arrays.stream(kind.getEnumConstants())
                .map(constant -> ((Enum<?>) constant).name())
                .collect(Collectors.toSet());
    }

    /// The answers there are to a question of the house rules.
    private static Set<String> options(String place) {
        String question = place.substring(place.lastIndexOf('/') + 1);
        return Arrays.stream(PracticeOption.values())
                .filter(option -> option.question().name().equals(question))
                .map(Enum::name)
                .collect(Collectors.toSet());
    }

    private static Map<String, Set<String>> lists(String schema) throws IOException {
        try (InputStream in = Schemas.class.getResourceAsStream("schema/" + schema + ".schema.json")) {
            Map<String, Set<String>> lists = new LinkedHashMap<>();
            find(JobJson.MAPPER.readTree(in), JsonPointer.empty(), lists);
            return lists;
        }
    }

    private static void find(JsonNode node, JsonPointer at, Map<String, Set<String>> lists) {
        JsonNode listed = node.path("enum");
        if (listed.isArray()) {
            Set<String> names = listed.valueStream()
                    .filter(JsonNode::isString)
                    .map(JsonNode::asString)
                    .collect(Collectors.toCollection(TreeSet::new));
            if (!names.isEmpty()) {
                lists.put(at.toString(), names);
            }
        }
        node.propertyStream().forEach(field -> find(field.getValue(), at.appendProperty(field.getKey()), lists));
    }
}
