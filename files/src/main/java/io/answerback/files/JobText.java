package io.answerback.files;

import java.util.Iterator;
import java.util.Map;
import tools.jackson.core.io.JsonStringEncoder;
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
            line(text, node);
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
            text.append("  ".repeat(depth + 1));
            quoted(text, field.getKey()).append(": ");
            write(text, field.getValue(), depth + 1);
            text.append(fields.hasNext() ? ",\n" : "\n");
        }
        text.append("  ".repeat(depth)).append('}');
    }

    private static void writeArray(StringBuilder text, JsonNode array, int depth) {
        text.append("[\n");
        for (int i = 0; i < array.size(); i++) {
            text.append("  ".repeat(depth + 1));
            line(text, array.get(i));
            text.append(i + 1 < array.size() ? ",\n" : "\n");
        }
        text.append("  ".repeat(depth)).append(']');
    }

    private static void line(StringBuilder text, JsonNode node) {
        if (node.isObject()) {
            text.append('{');
            String before = "";
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                text.append(before);
                quoted(text, field.getKey()).append(": ");
                line(text, field.getValue());
                before = ", ";
            }
            text.append('}');
        } else if (node.isArray()) {
            text.append('[');
            for (int i = 0; i < node.size(); i++) {
                text.append(i == 0 ? "" : ", ");
                line(text, node.get(i));
            }
            text.append(']');
        } else if (node.isString()) {
            quoted(text, node.stringValue());
        } else {
            text.append(node);
        }
    }

    private static StringBuilder quoted(StringBuilder text, String words) {
        text.append('"');
        JsonStringEncoder.getInstance().quoteAsString(words, text);
        return text.append('"');
    }
}
