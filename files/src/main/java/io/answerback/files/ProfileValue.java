package io.answerback.files;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/// A value of a panel's profile: as it is typed, and what the schema says about it.
final class ProfileValue {
    private ProfileValue() {}

    /// What was typed, as the schema has it.
    ///
    /// @param title what the place is called
    /// @throws IllegalArgumentException when it cannot stand there
    static JsonNode of(JsonNode schema, String title, String text) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (schema.has("enum") && !choices(schema).contains(text)) {
            throw new IllegalArgumentException("%s is \"%s\"; it is one of %s".formatted(title, text, choices(schema)));
        }
        if (ProfileSchema.is(schema, "boolean")) {
            return make.booleanNode(text.equals("yes") || text.equals("true"));
        }
        boolean whole = ProfileSchema.is(schema, "integer");
        if (whole || ProfileSchema.is(schema, "number")) {
            return figure(schema, title, text, whole);
        }
        return make.stringNode(text);
    }

    private static JsonNode figure(JsonNode schema, String title, String text, boolean whole) {
        if (text.equals("none") && ProfileSchema.is(schema, "null")) {
            return JsonNodeFactory.instance.nullNode();
        }
        double value;
        try {
            value = Double.parseDouble(text.replace(',', '.').replace('\u2212', '-'));
        } catch (NumberFormatException wordy) {
            throw new IllegalArgumentException("%s is \"%s\"; type a figure".formatted(title, text));
        }
        if (whole && value != Math.rint(value)) {
            throw new IllegalArgumentException("%s is \"%s\"; type a whole number".formatted(title, text));
        }
        if (value < schema.path("minimum").asDouble(-1e12)
                || value > schema.path("maximum").asDouble(1e12)) {
            throw new IllegalArgumentException("%s is %s; it can be %s".formatted(title, text, hint(schema)));
        }
        return whole ? JsonNodeFactory.instance.numberNode((long) value) : JsonNodeFactory.instance.numberNode(value);
    }

    /// What the schema says about a place, with its bounds; empty where it says nothing.
    static String hint(JsonNode schema) {
        String says = schema.path("description").asString("");
        String bounds = schema.has("minimum") && schema.has("maximum")
                ? "%s to %s".formatted(plain(schema.get("minimum")), plain(schema.get("maximum")))
                : "";
        return says.isEmpty() || bounds.isEmpty() ? says + bounds : says + "; " + bounds;
    }

    /// The names there are to choose from; none for what is no choice.
    static List<String> choices(JsonNode schema) {
        return schema.path("enum").valueStream().map(JsonNode::asString).toList();
    }

    /// A figure without needless decimals.
    static String plain(JsonNode figure) {
        double value = figure.asDouble();
        return value == Math.rint(value) ? String.valueOf((long) value) : figure.asString();
    }
}
