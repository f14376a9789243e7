package io.answerback.files;

import java.util.Iterator;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// Lays a job out as text: keys in the order of work and one thing a line, so that two versions compare well.
final class JobText {
    private JobText() {}

    /// The document as text, ending in a line feed.
    static String of(JsonNode document) {
        StringBuilder text = new StringBuilder();
        write(text, document, 0);
        return text.append('\n').toString();
    }

    private static void write(StringBuilder text, JsonNode node, int depth) {
        if (node instanceof ObjectNode object && !object.isEmpty() && hasContainers(object)) {
            writeObject(text, object, depth);
        } else if (node.isArray() && !node.isEmpty() && node.get(0).isContainer()) {
            writeArray(text, node, depth);
        } else {
            text.append(line(node));
        }
    }

    private static boolean hasContainers(ObjectNode object) {
        return object.valueStream().anyMatch(value -> value.isContainer() && !value.isEmpty());
    }

    private static void writeObject(StringBuilder text, ObjectNode object, int depth) {
        text.append("{\n");
        Iterator<Map.Entry<String, JsonNode>> fields = object.properties().iterator();
        while (fields.hasNext()) {
            Map.Entry<String, JsonNode> field = fields.next();
            text.append("  ".repeat(depth + 1)).append(quoted(field.getKey())).append(": ");
            write(text, field.getValue(), depth + 1);
            text.append(fields.hasNext() ? ",\n" : "\n");
        }
        text.append("  ".repeat(depth)).append('}');
    }

    private static void writeArray(StringBuilder text, JsonNode array, int depth) {
        text.append("[\n");
        for (int i = 0; i < array.size(); i++) {
            text.append("  ".repeat(depth + 1)).append(line(array.get(i)));
            text.append(i + 1 < array.size() ? ",\n" : "\n");
        }
        text.append("  ".repeat(depth)).append(']');
    }

    private static String line(JsonNode node) {
        if (node.isObject()) {
            return node.propertyStream()
                    .map(field -> quoted(field.getKey()) + ": " + line(field.getValue()))
                    .collect(Collectors.joining(", ", "{", "}"));
        }
        if (node.isArray()) {
            return node.valueStream().map(JobText::line).collect(Collectors.joining(", ", "[", "]"));
        }
        return node.toString();
    }

    private static String quoted(String name) {
        return JobJson.MAPPER.writeValueAsString(name);
    }
}
