package io.answerback.files;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/// The words for what stands at a place in a profile.
final class ProfileWords {
    private ProfileWords() {}

    static String title(String key) {
        String words = key.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    static ProfileDraft.Shape shape(JsonNode schema, JsonNode value) {
        if (value.isMissingNode() || value.isNull() && !ProfileSchema.is(schema, "number")) {
            return ProfileDraft.Shape.ABSENT;
        }
        if (schema.has("enum")) {
            return ProfileDraft.Shape.CHOICE;
        }
        if (value.isObject()) {
            return ProfileDraft.Shape.PARTS;
        }
        if (value.isArray()) {
            return ProfileDraft.Shape.LIST;
        }
        return ProfileSchema.is(schema, "boolean")
                ? ProfileDraft.Shape.YES_NO
                : ProfileSchema.is(schema, "number") || ProfileSchema.is(schema, "integer")
                        ? ProfileDraft.Shape.FIGURE
                        : ProfileDraft.Shape.WORDS;
    }

    static String text(JsonNode value, ProfileDraft.Shape shape) {
        return switch (shape) {
            case LIST -> value.size() == 1 ? "1 entry" : value.size() + " entries";
            case PARTS -> named(value);
            case ABSENT -> "";
            case FIGURE -> value.isNull() ? "none" : ProfileValue.plain(value);
            case WORDS, YES_NO, CHOICE -> value.asString("");
        };
    }

    /// What tells one thing from the others of its list.
    static String named(JsonNode value) {
        for (String key : List.of("name", "id", "scheme", "kinds", "entry", "meaning", "fault")) {
            if (value.path(key).isString()) {
                return value.path(key).asString();
            }
            if (value.path(key).isArray()) {
                return value.path(key).valueStream().map(JsonNode::asString).collect(Collectors.joining(", "));
            }
        }
        return value.size() + " figures";
    }
}
