package io.answerback.files;

import io.answerback.job.Job;
import io.answerback.job.Point;
import io.answerback.job.PointKind;
import io.answerback.job.SeriesContact;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.node.ArrayNode;

/// Kinds of point in a job file: each is written once, in `kinds`, and named by its id where it is used.
final class KindJson {
    /// Where a reader finds the kinds of the document it reads.
    static final Object KINDS = "kinds";

    private KindJson() {}

    /// The kinds a job uses, by id.
    static Map<String, PointKind> usedBy(Job job) {
        Map<String, PointKind> kinds = new LinkedHashMap<>();
        job.points().stream().flatMap(KindJson::kinds).forEach(kind -> kinds.put(kind.id(), kind));
        return kinds;
    }

    private static Stream<PointKind> kinds(Point point) {
        return Stream.concat(Stream.of(point.kind()), point.inSeries().stream().map(SeriesContact::kind));
    }

    /// The kinds as a list of objects.
    static ArrayNode written(Job job) {
        ArrayNode list = JobJson.PLAIN.createArrayNode();
        usedBy(job).values().forEach(kind -> list.add(JobJson.PLAIN.<JsonNode>valueToTree(kind)));
        return list;
    }

    /// The kinds of a document, by id.
    static Map<String, PointKind> read(JsonNode document) {
        Map<String, PointKind> kinds = new LinkedHashMap<>();
        for (JsonNode node : document.path("kinds")) {
            PointKind kind = JobJson.PLAIN.treeToValue(node, PointKind.class);
            kinds.put(kind.id(), kind);
        }
        return kinds;
    }

    /// Writes a kind as its id.
    static final class Writer extends ValueSerializer<PointKind> {
        @Override
        public void serialize(PointKind kind, JsonGenerator out, SerializationContext context) {
            out.writeString(kind.id());
        }
    }

    /// Reads a kind by its id.
    static final class Reader extends ValueDeserializer<PointKind> {
        @Override
        public PointKind deserialize(JsonParser in, DeserializationContext context) {
            String id = in.getValueAsString();
            Object kinds = context.getAttribute(KINDS);
            if (kinds instanceof Map<?, ?> map && map.get(id) instanceof PointKind kind) {
                return kind;
            }
            throw new IllegalArgumentException("kind \"" + id + "\" is not among the job's kinds");
        }
    }
}
