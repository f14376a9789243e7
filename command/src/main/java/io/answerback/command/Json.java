package io.answerback.command;

import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// JSON on standard output.
public final class Json {
    private static final JsonMapper MAPPER = new JsonMapper();

    private Json() {}

    /// A document without anything in it yet.
    public static ObjectNode object() {
        return MAPPER.createObjectNode();
    }

    static ArrayNode array() {
        return MAPPER.createArrayNode();
    }

    /// A document that this program wrote itself.
    static ObjectNode read(String text) {
        return (ObjectNode) MAPPER.readTree(text);
    }

    /// One line on standard output at once, for whoever reads it through a pipe.
    static synchronized void line(String line) {
        System.out.println(line);
        System.out.flush();
    }

    /// A document as it is printed.
    public static String text(ObjectNode document) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(document);
    }

    /// Ohms as a number, or null when no current flows.
    static void putOhms(ObjectNode node, String key, double ohms) {
        if (Double.isInfinite(ohms)) {
            node.putNull(key);
        } else {
            node.put(key, Math.round(ohms * 1000) / 1000.0);
        }
    }
}
