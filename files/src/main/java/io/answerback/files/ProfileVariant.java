package io.answerback.files;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// A profile that says only what differs from another: its key `like` names that by its id. Things in lists are
/// told apart by their ids; a thing with `"gone": true` is left out.
final class ProfileVariant {
    private static final String LIKE = "like";

    private ProfileVariant() {}

    /// The whole profile.
    ///
    /// @param known finds a profile by its id
    /// @throws IllegalArgumentException when one it is like is not known, or they are like each other in a
    ///     circle
    static ObjectNode whole(ObjectNode variant, Function<String, Optional<ObjectNode>> known) {
        return whole(variant, known, new HashSet<>());
    }

    private static ObjectNode whole(
            ObjectNode variant, Function<String, Optional<ObjectNode>> known, Set<String> passed) {
        String like = variant.path(LIKE).asString("");
        if (like.isEmpty()) {
            return variant;
        }
        if (!passed.add(like)) {
            throw new IllegalArgumentException("profiles are like each other in a circle: " + passed);
        }
        ObjectNode base = known.apply(like)
                .orElseThrow(() -> new IllegalArgumentException(
                        "it is like profile \"%s\", which is not here; keep that one first".formatted(like)));
        ObjectNode merged = merged(whole(base, known, passed), variant);
        merged.remove(LIKE);
        return merged;
    }

    private static ObjectNode merged(ObjectNode base, ObjectNode over) {
        ObjectNode all = base.deepCopy();
        over.propertyStream().forEach(field -> {
            JsonNode old = all.get(field.getKey());
            if (old instanceof ObjectNode before && field.getValue() instanceof ObjectNode after) {
                all.set(field.getKey(), merged(before, after));
            } else if (old instanceof ArrayNode before && field.getValue() instanceof ArrayNode after && byId(after)) {
                all.set(field.getKey(), merged(before, after));
            } else {
                all.set(field.getKey(), field.getValue().deepCopy());
            }
        });
        return all;
    }

    private static boolean byId(ArrayNode list) {
        return !list.isEmpty()
                && list.valueStream().allMatch(item -> item.path("id").isString());
    }

    private static ArrayNode merged(ArrayNode base, ArrayNode over) {
        Map<String, JsonNode> changes = new HashMap<>();
        over.forEach(item -> changes.put(item.path("id").asString(), item));
        ArrayNode all = JobJson.PLAIN.createArrayNode();
        for (JsonNode item : base) {
            JsonNode change = changes.remove(item.path("id").asString(""));
            if (change == null) {
                all.add(item.deepCopy());
            } else if (!change.path("gone").asBoolean(false)) {
                all.add(merged((ObjectNode) item, (ObjectNode) change));
            }
        }
        over.valueStream()
                .filter(item -> changes.containsKey(item.path("id").asString()))
                .filter(item -> !item.path("gone").asBoolean(false))
                .forEach(item -> all.add(item.deepCopy()));
        return all;
    }
}
