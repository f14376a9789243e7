package io.answerback.files;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.OptionalInt;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/// Finds the line of a field in a JSON text.
final class FieldLines {
    private FieldLines() {}

    /// The line a place begins on, from 1; empty when the text has no such place.
    ///
    /// @param pointer the place as a JSON pointer, such as "/cables/0/metres"; where it is not there itself, the
    ///     innermost that is
    static OptionalInt of(String text, String pointer) {
        OptionalInt found = OptionalInt.empty();
        int depth = -1;
        try (JsonParser parser = JobJson.MAPPER.createParser(text)) {
            Deque<Step> steps = new ArrayDeque<>();
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                if (token == JsonToken.PROPERTY_NAME) {
                    steps.peek().name = parser.currentName();
                    continue;
                }
                if (token == JsonToken.END_OBJECT || token == JsonToken.END_ARRAY) {
                    steps.pop();
                    continue;
                }
                if (!steps.isEmpty() && steps.peek().list) {
                    steps.peek().index++;
                }
                String here = path(steps);
                if (steps.size() > depth && (pointer + "/").startsWith(here + "/")) {
                    depth = steps.size();
                    found = OptionalInt.of(parser.currentTokenLocation().getLineNr());
                }
                if (token == JsonToken.START_OBJECT || token == JsonToken.START_ARRAY) {
                    steps.push(new Step(token == JsonToken.START_ARRAY));
                }
            }
        } catch (JacksonException broken) {
            return found;
        }
        return found;
    }

    private static final class Step {
        private final boolean list;
        private String name = "";
        private int index = -1;

        Step(boolean list) {
            this.list = list;
        }
    }

    private static String path(Deque<Step> steps) {
        StringBuilder path = new StringBuilder();
        steps.descendingIterator()
                .forEachRemaining(step -> path.append('/').append(step.list ? String.valueOf(step.index) : step.name));
        return path.toString();
    }
}
