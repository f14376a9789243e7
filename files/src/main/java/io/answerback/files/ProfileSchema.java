package io.answerback.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// What the published schema says of each place in a panel's profile: what stands there, in which bounds, and
/// what a new one begins with.
final class ProfileSchema {
    private final JsonNode root = JobJson.PLAIN.readTree(Schemas.text("profile"));

    /// What the schema says of a place; empty where it knows none.
    ///
    /// @param path keys and indices from the outermost in
    Optional<JsonNode> at(List<String> path) {
        JsonNode schema = root;
        for (String key : path) {
            JsonNode next = key.matches("\\d+")
                    ? resolved(schema.path("items"))
                    : resolved(schema.path("properties").path(key));
            if (next.isMissingNode()) {
                return Optional.empty();
            }
            schema = next;
        }
        return Optional.of(schema);
    }

    /// A reference is followed; a description beside it comes first.
    private JsonNode resolved(JsonNode schema) {
        String reference = schema.path("$ref").asString("");
        if (!reference.startsWith("#/$defs/")) {
            return schema;
        }
        ObjectNode target = root.path("$defs")
                .path(reference.substring("#/$defs/".length()))
                .deepCopy()
                .asObject();
        if (schema.has("description")) {
            target.set("description", schema.get("description"));
        }
        return target;
    }

    /// The keys there can be in an object, in the order of the schema.
    List<String> keys(JsonNode schema) {
        List<String> keys = new ArrayList<>();
        schema.path("properties").propertyNames().forEach(keys::add);
        return keys;
    }

    boolean required(JsonNode schema, String key) {
        for (JsonNode name : schema.path("required")) {
            if (name.asString("").equals(key)) {
                return true;
            }
        }
        return false;
    }

    static boolean is(JsonNode schema, String type) {
        JsonNode types = schema.path("type");
        if (types.isArray()) {
            for (JsonNode one : types) {
                if (one.asString("").equals(type)) {
                    return true;
                }
            }
            return false;
        }
        return types.asString("").equals(type);
    }

    /// What a new thing begins with: every part it must have, with the least it can be.
    JsonNode fresh(List<String> path) {
        JsonNode schema = at(path).orElseThrow();
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (schema.has("enum")) {
            return schema.path("enum").get(0);
        }
        if (is(schema, "object")) {
            ObjectNode object = make.objectNode();
            for (JsonNode key : schema.path("required")) {
                object.set(key.asString(), fresh(child(path, key.asString())));
            }
            oneOf(schema, path, object);
            return object;
        }
        if (is(schema, "array")) {
            ArrayNode array = make.arrayNode();
            for (int i = 0; i < schema.path("minItems").asInt(0); i++) {
                array.add(fresh(child(path, String.valueOf(i))));
            }
            return array;
        }
        if (is(schema, "boolean")) {
            return make.booleanNode(false);
        }
        if (is(schema, "integer")) {
            return make.numberNode(schema.path("minimum").asInt(0));
        }
        return is(schema, "number")
                ? make.numberNode(schema.path("minimum").asDouble(0))
                : make.stringNode(
                        is(schema, "string") && schema.path("minLength").asInt(0) > 0 ? "new" : "");
    }

    private void oneOf(JsonNode schema, List<String> path, ObjectNode object) {
        JsonNode first = schema.path("oneOf").path(0).path("required");
        for (JsonNode key : first) {
            object.set(key.asString(), fresh(child(path, key.asString())));
        }
    }

    static List<String> child(List<String> path, String key) {
        List<String> longer = new ArrayList<>(path);
        longer.add(key);
        return longer;
    }
}
