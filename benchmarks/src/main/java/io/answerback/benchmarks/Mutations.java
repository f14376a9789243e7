package io.answerback.benchmarks;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// Damages documents: some changes know that they are JSON and go for a field, others go for bytes.
final class Mutations {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private static final List<byte[]> STRANGE = Stream.of(
                    "x".repeat(10_000),
                    "\"",
                    ",,,,,,",
                    "\0",
                    "\n",
                    "\u2028",
                    "999999999999999999999",
                    "-1",
                    "NaN",
                    "1e308",
                    "[".repeat(2000))
            .map(text -> text.getBytes(StandardCharsets.UTF_8))
            .toList();

    private final Random random;

    Mutations(long seed) {
        this.random = new Random(seed);
    }

    /// The document with one to three changes; of JSON half of the time of its fields, else of its bytes.
    byte[] damaged(byte[] document, boolean json) {
        if (!json || random.nextBoolean()) {
            return damagedBytes(document);
        }
        JsonNode tree = MAPPER.readTree(document);
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            damageField(tree);
        }
        return tree.toString().getBytes(StandardCharsets.UTF_8);
    }

    private byte[] damagedBytes(byte[] bytes) {
        byte[] damaged = bytes.clone();
        int at = random.nextInt(damaged.length);
        switch (random.nextInt(6)) {
            case 4 -> damaged = withInside(bytes, at, STRANGE.get(random.nextInt(STRANGE.size())));
            case 5 -> damaged = withInside(bytes, at, Arrays.copyOfRange(bytes, random.nextInt(at + 1), at));
            case 0 -> damaged[at] = (byte) random.nextInt(256);
            case 1 -> damaged[at] ^= (byte) (1 << random.nextInt(8));
            case 2 -> damaged = Arrays.copyOf(damaged, at);
            default -> {
                int length = Math.min(1 + random.nextInt(200), damaged.length - at);
                System.arraycopy(bytes, random.nextInt(bytes.length - length + 1), damaged, at, length);
            }
        }
        return damaged;
    }

    private static byte[] withInside(byte[] bytes, int at, byte[] more) {
        byte[] longer = Arrays.copyOf(bytes, bytes.length + more.length);
        System.arraycopy(bytes, at, longer, at + more.length, bytes.length - at);
        System.arraycopy(more, 0, longer, at, more.length);
        return longer;
    }

    private record Place(JsonNode parent, String name, int index) {}

    private void damageField(JsonNode tree) {
        List<Place> places = new ArrayList<>();
        collect(tree, places);
        if (places.isEmpty()) {
            return;
        }
        Place place = places.get(random.nextInt(places.size()));
        if (place.parent() instanceof ObjectNode object) {
            damage(object, place.name(), places);
        } else {
            damage((ArrayNode) place.parent(), place.index(), places);
        }
    }

    private void damage(ObjectNode object, String name, List<Place> places) {
        switch (random.nextInt(5)) {
            case 0 -> object.remove(name);
            case 1 -> {
                JsonNode value = object.remove(name);
                object.set(name + "x", value);
            }
            case 2 -> object.set(name, other(places));
            default -> object.set(name, strange(object.get(name)));
        }
    }

    private void damage(ArrayNode list, int index, List<Place> places) {
        switch (random.nextInt(5)) {
            case 0 -> list.remove(index);
            case 1 -> list.add(list.get(index).deepCopy());
            case 2 -> list.set(index, other(places));
            case 3 -> list.removeAll();
            default -> list.set(index, strange(list.get(index)));
        }
    }

    /// What stands somewhere else in the document.
    private JsonNode other(List<Place> places) {
        Place place = places.get(random.nextInt(places.size()));
        JsonNode value = place.parent() instanceof ObjectNode object
                ? object.get(place.name())
                : place.parent().get(place.index());
        return value == null ? MAKE.nullNode() : value.deepCopy();
    }

    private JsonNode strange(JsonNode value) {
        if (value != null && value.isNumber() && random.nextBoolean()) {
            double number = value.asDouble();
            double[] near = {0, -number, number * 1000, number / 1000, number + 1, number - 1, 1e15, 0.5, 1e-9};
            double next = near[random.nextInt(near.length)];
            return value.isIntegralNumber() && Math.abs(next) < Integer.MAX_VALUE
                    ? MAKE.numberNode((int) next)
                    : MAKE.numberNode(next);
        }
        return switch (random.nextInt(11)) {
            case 0 -> MAKE.nullNode();
            case 1 -> MAKE.stringNode("");
            case 2 -> MAKE.stringNode(" \u0000\n%s${x}`id`\u6771");
            case 3 -> MAKE.stringNode("x".repeat(5000));
            case 4 -> MAKE.numberNode(new java.math.BigInteger("9".repeat(60)));
            case 5 -> MAKE.numberNode(1e300);
            case 6 -> MAKE.booleanNode(random.nextBoolean());
            case 7 -> MAKE.arrayNode();
            case 8 -> MAKE.objectNode();
            case 9 -> MAKE.arrayNode().add(MAKE.nullNode());
            default ->
                value != null && value.isString() ? MAKE.stringNode(value.asString() + "'") : MAKE.stringNode("62");
        };
    }

    private static void collect(JsonNode node, List<Place> places) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(field -> {
                places.add(new Place(object, field.getKey(), -1));
                collect(field.getValue(), places);
            });
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                places.add(new Place(list, "", i));
                collect(list.get(i), places);
            }
        }
    }
}
