package io.answerback.files;

import java.util.Optional;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Carries fields this version does not know through a round trip. Members of lists are told apart by their
/// id or what they are called in its place, number, time, point or name.
final class UnknownFields {
    private static final String[] KEYS = {"as", "id", "number", "at", "pointId", "scheme", "lowOhms", "lowVolts", "name"
    };

    private UnknownFields() {}

    /// Adds to `now` every field of `original` that `known` does not have.
    ///
    /// @param original the document as it was read
    /// @param known the same document as this version would write it
    /// @param now the document that is about to be written
    static void carry(JsonNode original, JsonNode known, JsonNode now) {
        if (original instanceof ObjectNode from && known instanceof ObjectNode seen && now instanceof ObjectNode to) {
            from.propertyStream().forEach(field -> {
                if (!seen.has(field.getKey())) {
                    to.set(field.getKey(), field.getValue());
                } else if (to.has(field.getKey())) {
                    carry(field.getValue(), seen.get(field.getKey()), to.get(field.getKey()));
                }
            });
        } else if (original instanceof ArrayNode from && known.isArray() && now.isArray()) {
            from.forEach(member ->
                    same(known, member).ifPresent(seen -> same(now, member).ifPresent(to -> carry(member, seen, to))));
        }
    }

    private static Optional<JsonNode> same(JsonNode list, JsonNode member) {
        for (String key : KEYS) {
            if (member.has(key)) {
                return StreamSupport.stream(list.spliterator(), false)
                        .filter(other -> member.get(key)
                                .asString()
                                .equals(other.path(key).asString()))
                        .findFirst();
            }
        }
        return Optional.empty();
    }
}
