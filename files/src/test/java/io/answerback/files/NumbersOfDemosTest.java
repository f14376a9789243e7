package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.site.Job;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// A number that a job takes is one that its file may hold: what was edited and saved can be opened again.
class NumbersOfDemosTest {
    private static final List<Integer> BEYOND = List.of(-1, 1_000_000_001);

    @Test
    void noJobHoldsANumberThatItsFileRefuses() {
        Map<String, String> refused = new LinkedHashMap<>();
        List<String> seen = new ArrayList<>();
        for (int demo : new int[] {1, 2, 3}) {
            ObjectNode tree = JobCodec.tree(DemoJobs.job(demo));
            for (JsonPointer number : numbers(tree)) {
                String place = number.toString().replaceAll("/[0-9]+", "/*");
                if (!seen.contains(place)) {
                    seen.add(place);
                    tried(tree, number).forEach(why -> refused.put(place, why));
                }
            }
        }
        assertThat(seen).hasSizeGreaterThan(100);
        assertThat(refused).isEmpty();
    }

    private static List<String> tried(ObjectNode tree, JsonPointer at) {
        JsonNode was = tree.at(at);
        List<String> refused = new ArrayList<>();
        for (int other : BEYOND) {
            set(tree, at, tree.numberNode(other));
            try {
                refused.addAll(reopened(JobCodec.job(tree)));
            } catch (JacksonException | IllegalArgumentException heldByTheRecords) {
                continue;
            } finally {
                set(tree, at, was);
            }
        }
        return refused;
    }

    private static List<String> reopened(Job job) {
        try {
            JobCodec.read(JobCodec.write(JobDocument.of(job)), "job");
            return List.of();
        } catch (BrokenFile broken) {
            return List.of(broken.getMessage());
        }
    }

    private static void set(ObjectNode tree, JsonPointer at, JsonNode value) {
        JsonNode holder = tree.at(at.head());
        if (holder instanceof ArrayNode list) {
            list.set(at.last().getMatchingIndex(), value);
        } else {
            ((ObjectNode) holder).set(at.last().getMatchingProperty(), value);
        }
    }

    private static List<JsonPointer> numbers(JsonNode tree) {
        List<JsonPointer> numbers = new ArrayList<>();
        find(tree, JsonPointer.empty(), numbers);
        return numbers;
    }

    private static void find(JsonNode node, JsonPointer at, List<JsonPointer> numbers) {
        if (node.isNumber() && !at.toString().equals("/version")) {
            numbers.add(at);
        }
        node.propertyStream().forEach(field -> find(field.getValue(), at.appendProperty(field.getKey()), numbers));
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            find(node.get(i), at.appendIndex(i), numbers);
        }
    }
}
