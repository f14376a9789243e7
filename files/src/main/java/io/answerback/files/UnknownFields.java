package io.answerback.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Carries fields this version does not know through a round trip.
///
/// Members of a list are found again by what they say: one that was not changed is equal to what it was, one
/// that was changed still has its id or what it is called in its place, its number, time, point or name;
/// where a list has none of these and is as long as it was, by their place in it.
final class UnknownFields {
    private static final List<String> KEYS = List.of(
            "as",
            "id",
            "number",
            "at",
            "pointId",
            "moduleId",
            "scheme",
            "lowOhms",
            "lowVolts",
            "address",
            "kind",
            "name");

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
        } else if (original instanceof ArrayNode from
                && known instanceof ArrayNode seen
                && now instanceof ArrayNode to) {
            members(from, seen, to);
        }
    }

    private static void members(ArrayNode from, ArrayNode seen, ArrayNode to) {
        List<JsonNode> left = new ArrayList<>();
        to.forEach(left::add);
        List<JsonNode[]> changed = new ArrayList<>();
        for (int i = 0; i < from.size(); i++) {
            JsonNode member = from.get(i);
            Optional<JsonNode> known =
                    place(seen, i).filter(its -> alike(member, its)).or(() -> byKey(seen, member));
            if (known.isPresent() && member.isContainer()) {
                int same = indexOf(left, known.get());
                if (same >= 0) {
                    carry(member, known.get(), left.remove(same));
                } else {
                    changed.add(
                            new JsonNode[] {member, known.get(), place(to, i).orElse(null)});
                }
            }
        }
        changed.forEach(its -> changed(its[0], its[1], from.size() == to.size() ? its[2] : null, left));
    }

    private static void changed(JsonNode member, JsonNode known, JsonNode inItsPlace, List<JsonNode> left) {
        boolean named = KEYS.stream().anyMatch(known::has);
        JsonNode now = named
                ? left.stream()
                        .filter(other -> sameKeys(known, other))
                        .findFirst()
                        .orElse(null)
                : left.stream().filter(other -> other == inItsPlace).findFirst().orElse(null);
        if (now != null) {
            left.remove(indexOf(left, now));
            carry(member, known, now);
        }
    }

    private static Optional<JsonNode> place(ArrayNode list, int at) {
        return Optional.ofNullable(list.get(at));
    }

    private static Optional<JsonNode> byKey(ArrayNode list, JsonNode member) {
        return list.valueStream().filter(other -> alike(member, other)).findFirst();
    }

    private static int indexOf(List<JsonNode> list, JsonNode wanted) {
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i).equals(wanted)) {
                return i;
            }
        }
        return -1;
    }

    /// Whether a member as it was read is this one as it is written: nothing that both have in one word or
    /// figure differs.
    private static boolean alike(JsonNode read, JsonNode written) {
        if (!read.isObject() || !written.isObject()) {
            return read.isArray() == written.isArray();
        }
        return written.propertyStream()
                .filter(field -> field.getValue().isValueNode() && read.has(field.getKey()))
                .allMatch(field -> field.getValue()
                        .asString("")
                        .equals(read.get(field.getKey()).asString("")));
    }

    private static boolean sameKeys(JsonNode one, JsonNode other) {
        return KEYS.stream()
                .filter(one::has)
                .findFirst()
                .filter(key -> one.get(key).equals(other.path(key)))
                .isPresent();
    }
}
