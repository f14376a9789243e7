package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Site;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// A field that this version does not know, put into every object of a demo, is there again when something
/// else was changed and saved.
class UnknownFieldsOfDemosTest {
    private static final String FIELD = "ofALaterVersion";

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void everyObjectKeepsWhatItHas(int demo) throws Exception {
        JsonNode tree = JobJson.MAPPER.readTree(JobCodec.write(JobDocument.of(DemoJobs.job(demo))));
        List<JsonPointer> objects = new ArrayList<>();
        find(tree, JsonPointer.empty(), objects);
        objects.forEach(object -> add((ObjectNode) tree.at(object)));
        JobDocument read = JobCodec.read(JobText.of((ObjectNode) tree), "job");
        Site site = read.job().site();
        Job other = read.job().withSite(new Site(site.name(), "Elsewhere", site.people(), site.drawings()));
        JsonNode saved = JobJson.MAPPER.readTree(JobCodec.write(read.with(other)));
        assertThat(objects).hasSizeGreaterThan(200);
        assertThat(objects).filteredOn(object -> !saved.at(object).has(FIELD)).isEmpty();
        assertThat(saved.at("/site/place").asString()).isEqualTo("Elsewhere");
    }

    private static void find(JsonNode node, JsonPointer at, List<JsonPointer> objects) {
        if (node.isObject() && !node.isEmpty()) {
            objects.add(at);
            node.propertyStream().forEach(field -> find(field.getValue(), at.appendProperty(field.getKey()), objects));
        }
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            find(node.get(i), at.appendIndex(i), objects);
        }
    }

    /// Where all values are of one kind, the names may be data and not fields: a value of that kind is what a
    /// later version would add.
    private static void add(ObjectNode object) {
        JsonNode first = object.iterator().next();
        boolean allText = object.valueStream().allMatch(JsonNode::isString);
        object.set(FIELD, allText ? first : object.numberNode(7));
    }
}
