package io.answerback.files;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.core.exc.UnexpectedEndOfInputException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;

/// Says in one line what is wrong with a JSON document, with its line and field.
final class JsonComplaint {
    private static final Pattern CHARACTER = Pattern.compile("^Unexpected character \\('(.)'");
    private static final Pattern TOKEN = Pattern.compile("^Unrecognized token '([^']*)'");

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
                .replaceAll("\\p{Cc}+", " ")
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
            case UnexpectedEndOfInputException cut ->
                "it ends there in the middle of something: a quote or a bracket is not closed, or the rest is missing";
            case StreamReadException syntax -> syntax(syntax.getOriginalMessage());
            case InvalidFormatException value ->
                "it is \"%s\"; it must be %s".formatted(value.getValue(), expected(value.getTargetType()));
            default -> "what stands there cannot be used";
        };
    }

    /// What is wrong with the writing of it, by how the parser begins to say so.
    private static String syntax(String message) {
        Matcher character = CHARACTER.matcher(message);
        if (character.find()) {
            return "\"%s\" does not belong there; a comma, a colon, a quote or a bracket is missing before it or too many"
                    .formatted(character.group(1));
        }
        Matcher token = TOKEN.matcher(message);
        if (token.find()) {
            return "\"%s\" is not a value; a text goes in quotes".formatted(token.group(1));
        }
        if (message.contains("CTRL-CHAR")) {
            return "a line end or another control character stands inside a text; write \\\\n for it";
        }
        if (message.contains("UTF-8")) {
            return "it is not text in UTF-8; save it as UTF-8";
        }
        return message.startsWith("Duplicate") ? "a field stands there twice" : "it is not valid JSON there";
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
