package io.answerback.command;

import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// JSON on standard output.
final class Json {
    private static final JsonMapper MAPPER = new JsonMapper();

    private Json() {}

    static ObjectNode object() {
        return MAPPER.createObjectNode();
    }

    static String text(ObjectNode document) {
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
