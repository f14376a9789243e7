package io.answerback.desktop.part;

/// A button beside what it acts on.
///
/// @param text what stands on it
/// @param says what it does, for screen readers
/// @param hint what it does, on hover; empty where its text says it
public record Tool(Sort sort, String text, String says, String hint, boolean enabled, Runnable action) implements Part {
    /// How much a button stands out.
    public enum Sort {
        /// A small button.
        SMALL,
        /// A small one with an arrow on it.
        ARROW,
        /// The button that does what the sheet is for.
        PRIMARY,
        /// Words that lead somewhere.
        LINK
    }

    /// A small button.
    ///
    /// @param hint what it does, on hover and for screen readers
    public static Tool of(String text, String hint, Runnable action) {
        return new Tool(Sort.SMALL, text, text + ": " + hint, hint, true, action);
    }

    /// A button with an arrow on it.
    ///
    /// @param name what it does, in a word
    public static Tool arrow(String arrow, String name, String hint, Runnable action) {
        return new Tool(Sort.ARROW, arrow, name + ": " + hint, hint, true, action);
    }

    /// The button that does what the sheet is for.
    public static Tool primary(String text, Runnable action) {
        return new Tool(Sort.PRIMARY, text, text, "", true, action);
    }

    /// Words that lead somewhere.
    public static Tool link(String text, Runnable action) {
        return new Tool(Sort.LINK, text, text, "", true, action);
    }

    /// The same button, which can be pressed or not.
    public Tool enabled(boolean can) {
        return new Tool(sort, text, says, hint, can, action);
    }
}
