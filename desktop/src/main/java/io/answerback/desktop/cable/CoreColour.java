package io.answerback.desktop.cable;

import java.util.Locale;

/// Colours of cores as style classes. A colour the style sheet does not know is drawn as a plain core.
final class CoreColour {
    private CoreColour() {}

    /// The class of a colour by its first word, such as "white" for "white 2"; "numbered" for a core without one.
    static String style(String colour) {
        String word = colour.strip().toLowerCase(Locale.ROOT).split("[^a-z]", -1)[0];
        return word.isEmpty() ? "numbered" : word;
    }
}
