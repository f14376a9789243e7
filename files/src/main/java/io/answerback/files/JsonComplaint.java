package io.answerback.files;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;

/// Says in one line what is wrong with a JSON document, with its line and field.
final class JsonComplaint {
    private JsonComplaint() {}

    /// The complaint.
    ///
    /// @param name the document's name
    /// @param next what to do about it, as a sentence
    static BrokenFile about(JacksonException broken, String name, String next) {
        String where = broken.getLocation() == null || broken.getLocation().getLineNr() < 0
                ? ""
                : ", line " + broken.getLocation().getLineNr();
        String field =
                broken instanceof DatabindException bound && !bound.getPath().isEmpty()
                        ? ", field " + field(bound)
                        : "";
        String line = what(broken)
                .replaceAll("\\p{Cntrl}+", " ")
                .strip()
                .replaceAll("\\.$", "")
                .replaceAll("(\\S{60})\\S{60,}", "$1…");
        return new BrokenFile(
                "%s%s%s: %s. %s".formatted(name, where, field, line, next).strip());
    }

    private static String what(JacksonException broken) {
        if (broken.getCause() instanceof IllegalArgumentException refused && refused.getMessage() != null) {
            return refused.getMessage();
        }
        return switch (broken) {
            case StreamConstraintsException tooMuch ->
                "it holds a number, a text or a nesting longer than any such file has";
            case StreamReadException syntax -> syntax(syntax.getOriginalMessage());
            case InvalidFormatException value ->
                "it is \"%s\"; it must be %s".formatted(value.getValue(), expected(value.getTargetType()));
            default -> "what stands there cannot be used";
        };
    }

    /// The parser's own words up to where it speaks of itself.
    private static String syntax(String message) {
        String words = message.replaceAll("\\s*\\(?(for|start marker).*", "")
                .replaceAll("token \\(JsonToken\\.\\w+\\)", "part")
                .replaceAll("\\(JSON String.*", "")
                .replaceAll("\\s*\\(code \\d+[^)]*\\)", "")
                .strip();
        return "it is no valid JSON there: " + (words.contains("Json") ? "a part does not belong" : words);
    }

    private static String expected(Class<?> type) {
        if (type == Instant.class) {
            return "a time such as 2026-05-31T09:30:00Z";
        }
        if (type == LocalDate.class) {
            return "a date such as 2026-05-31";
        }
        if (type != null && type.isEnum()) {
            return "one of " + Arrays.toString(type.getEnumConstants());
        }
        return type == String.class ? "text" : type == boolean.class ? "true or false" : "a number";
    }

    private static String field(DatabindException bound) {
        StringBuilder path = new StringBuilder();
        bound.getPath().forEach(step -> {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        });
        return path.toString();
    }
}
