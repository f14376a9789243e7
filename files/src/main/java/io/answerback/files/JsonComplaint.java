package io.answerback.files;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

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
        Throwable cause = broken.getCause() instanceof IllegalArgumentException refused ? refused : broken;
        String what = cause == broken ? broken.getOriginalMessage() : cause.getMessage();
        String line = what.lines().findFirst().orElse("").replaceAll("\\.$", "");
        return new BrokenFile("%s%s%s: %s. %s".formatted(name, where, field, line, next));
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
