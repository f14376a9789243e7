package io.answerback.files;

import java.util.Map;
import java.util.OptionalInt;
import tools.jackson.databind.JsonNode;

/// Finds characters that no screen and no paper shows, such as NUL, in the texts and names of a document.
/// Line ends and tabs may stand in a note.
final class ControlCharacters {
    private ControlCharacters() {}

    /// @param text the document as text, to name lines in; empty where it was brought up from an earlier
    ///     version
    /// @throws BrokenFile when there is one; says in which line and field
    static void refuse(JsonNode tree, String text, String name, String next) throws BrokenFile {
        String pointer = find(tree, "");
        if (pointer != null) {
            OptionalInt line = text.isEmpty() ? OptionalInt.empty() : FieldLines.of(text, pointer);
            throw new BrokenFile("%s: %sfield %s: a control character stands in it, which cannot be shown. %s"
                    .formatted(
                            name,
                            line.isPresent() ? "line %d, ".formatted(line.getAsInt()) : "",
                            shown(pointer),
                            next));
        }
    }

    /// Where the first is; null where there is none.
    private static String find(JsonNode node, String at) {
        if (node.isString()) {
            return in(node.asString()) ? at : null;
        }
        if (node.isObject()) {
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                String its = at + "/" + field.getKey().replace("~", "~0").replace("/", "~1");
                String found = in(field.getKey()) ? its : find(field.getValue(), its);
                if (found != null) {
                    return found;
                }
            }
        }
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            String found = find(node.get(i), at + "/" + i);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private static boolean in(String text) {
        return text.chars()
                .anyMatch(
                        letter -> Character.isISOControl(letter) && letter != '\n' && letter != '\r' && letter != '\t');
    }

    private static String shown(String pointer) {
        return pointer.replaceAll("\\p{Cc}", "·");
    }
}
