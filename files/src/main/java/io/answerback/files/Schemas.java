package io.answerback.files;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// The published schemas, and what a document has that they refuse.
final class Schemas {
    private static final int MOST_COMPLAINTS = 3;
    private static final Set<String> UNKNOWN = Set.of("additionalProperties", "propertyNames");
    private static final String BASE = "https://answerback.example/";
    private static final SchemaRegistry REGISTRY = SchemaRegistry.withDefaultDialect(
            SpecificationVersion.DRAFT_2020_12,
            builder -> builder.schemas(Map.of(
                    BASE + "rules.schema.json",
                    text("rules"),
                    BASE + "profile.schema.json",
                    text("profile"),
                    BASE + "unit.schema.json",
                    text("unit"))));
    private static final Map<String, Schema> COMPILED = new ConcurrentHashMap<>();

    private Schemas() {}

    /// The text of a schema that ships with the application.
    static String text(String schema) {
        try (InputStream in = Schemas.class.getResourceAsStream("schema/" + schema + ".schema.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /// @param tree the document
    /// @param text the same as text, to name lines in; empty where it was brought up from an earlier version
    /// @param schema the schema's name, such as "rules"
    /// @param name the document's name, for messages
    /// @param next what to do about it, as a sentence
    /// @throws BrokenFile when the schema refuses the document: the message says the line and the field of the
    ///     first few complaints, what is expected there, and what to do
    static void require(JsonNode tree, String text, String schema, String name, String next) throws BrokenFile {
        require(complaints(tree, schema), text, name, next);
        ControlCharacters.refuse(tree, text, name, next);
    }

    /// What of a document this version can read: the same without the names that the schema does not know
    /// where it knows all there are. A later version may have added them.
    ///
    /// @return the document itself where it has none
    /// @throws BrokenFile when the schema refuses what is left
    static ObjectNode readable(ObjectNode tree, String text, String schema, String name, String next)
            throws BrokenFile {
        List<Error> complaints = complaints(tree, schema);
        if (complaints.stream().noneMatch(complaint -> UNKNOWN.contains(complaint.getKeyword()))) {
            require(complaints, text, name, next);
            ControlCharacters.refuse(tree, text, name, next);
            return tree;
        }
        ObjectNode known = tree.deepCopy();
        for (Error complaint : complaints) {
            JsonNode at = known.at(complaint.getInstanceLocation().toString());
            if (UNKNOWN.contains(complaint.getKeyword()) && at instanceof ObjectNode object) {
                object.remove(complaint.getProperty());
            }
        }
        require(known, text, schema, name, next);
        ControlCharacters.refuse(tree, text, name, next);
        return known;
    }

    private static List<Error> complaints(JsonNode tree, String schema) {
        return COMPILED.computeIfAbsent(schema, key -> REGISTRY.getSchema(text(key)))
                .validate(tree);
    }

    private static void require(List<Error> complaints, String text, String name, String next) throws BrokenFile {
        if (!complaints.isEmpty()) {
            throw refused(complaints, text, name, next);
        }
    }

    private static BrokenFile refused(List<Error> complaints, String text, String name, String next) {
        String first = complaints.stream()
                .limit(MOST_COMPLAINTS)
                .map(complaint -> words(complaint, text))
                .collect(Collectors.joining("; "));
        String more = complaints.size() > MOST_COMPLAINTS
                ? " and %d more".formatted(complaints.size() - MOST_COMPLAINTS)
                : "";
        return new BrokenFile("%s: %s%s. %s".formatted(name, first, more, next).strip());
    }

    private static String words(Error complaint, String text) {
        String pointer = complaint.getInstanceLocation().toString();
        String field = complaint.getProperty() == null ? pointer : pointer + "/" + complaint.getProperty();
        OptionalInt line = text.isEmpty() ? OptionalInt.empty() : FieldLines.of(text, pointer);
        return "%sfield %s: %s"
                .formatted(
                        line.isPresent() ? "line %d, ".formatted(line.getAsInt()) : "",
                        field.isEmpty() ? "/" : field,
                        says(complaint));
    }

    private static String says(Error complaint) {
        JsonNode is = complaint.getInstanceNode();
        JsonNode rule = complaint.getSchemaNode();
        return switch (complaint.getKeyword()) {
            case "required" -> "it is missing; give it a value";
            case "type" -> "it is %s; it must be %s".formatted(kind(is), types(rule));
            case "enum" -> "it is %s; it must be one of %s".formatted(shown(is), list(rule));
            case "minimum" -> "it is %s; it must be %s or more".formatted(shown(is), shown(rule));
            case "maximum" -> "it is %s; it must be %s or less".formatted(shown(is), shown(rule));
            case "minLength" -> "it is empty; give it a value";
            case "maxLength" -> "it has more than the %s letters it may have".formatted(shown(rule));
            case "minItems" -> "it has fewer than the %s entries it must have".formatted(shown(rule));
            case "maxItems" -> "it has more than the %s entries it may have".formatted(shown(rule));
            case "const" -> "it is %s; it must be %s".formatted(shown(is), shown(rule));
            case "additionalProperties", "propertyNames" -> "there is no such field here";
            case "pattern" -> "it is %s; it must be %s".formatted(shown(is), written(complaint));
            default -> "it is not as the schema says";
        };
    }

    /// How a text must be written, in the words of the schema beside its pattern.
    private static String written(Error complaint) {
        String[] location = complaint.getSchemaLocation().toString().split("#", 2);
        String schema = location[0].replaceAll(".*/", "").replace(".schema.json", "");
        String place = location.length < 2 ? "" : location[1].replaceAll("/[^/]*$", "");
        return JobJson.PLAIN
                .readTree(text(schema.isEmpty() ? "job" : schema))
                .at(place)
                .path("description")
                .asString("written otherwise");
    }

    private static String kind(JsonNode is) {
        if (is.isNull()) {
            return "nothing (null)";
        }
        if (is.isString()) {
            return "text (%s)".formatted(shown(is));
        }
        if (is.isNumber()) {
            return "a number (%s)".formatted(shown(is));
        }
        return is.isBoolean() ? shown(is) : is.isArray() ? "a list" : "an object";
    }

    private static String types(JsonNode rule) {
        return rule.isArray() ? rule.valueStream().map(Schemas::type).collect(Collectors.joining(" or ")) : type(rule);
    }

    private static String type(JsonNode type) {
        return switch (type.asString("")) {
            case "integer" -> "a whole number";
            case "number" -> "a number";
            case "string" -> "text";
            case "boolean" -> "true or false";
            case "array" -> "a list";
            case "null" -> "null";
            default -> "an object";
        };
    }

    private static String list(JsonNode values) {
        return values.valueStream().map(Schemas::shown).collect(Collectors.joining(", "));
    }

    private static String shown(JsonNode value) {
        String text = value.isString() ? "\"%s\"".formatted(value.asString()) : value.toString();
        String line = text.replaceAll("\\p{Cc}", "·");
        return line.length() > 60 ? line.substring(0, 57) + "…" : line;
    }
}
