package io.answerback.desktop.part;

/// Words.
///
/// @param style a style of the style sheet; empty for plain words
/// @param fit what they do where room is short
public record Text(String style, String text, Fit fit) implements Part {
    /// What words do where room is short.
    public enum Fit {
        /// Their end is given up.
        CUT,
        /// They go on in the next line.
        WRAPPED,
        /// They stay whole on one line.
        WHOLE
    }

    /// Plain words.
    public static Text of(String text) {
        return new Text("", text, Fit.CUT);
    }

    /// The same words in another fit.
    public Text fitted(Fit other) {
        return new Text(style, text, other);
    }
}
