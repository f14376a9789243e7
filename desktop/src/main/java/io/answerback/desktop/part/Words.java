package io.answerback.desktop.part;

/// Words of the few sorts there are.
public final class Words {
    private Words() {}

    /// Words in a style of the style sheet.
    public static Text of(String style, String text) {
        return new Text(style, text, Text.Fit.CUT);
    }

    /// Words that explain, in a quieter ink.
    public static Text quiet(String text) {
        return of("quiet", text);
    }

    /// A figure, code or terminal.
    public static Text figure(String text) {
        return of("figure", text);
    }

    /// The title of a section.
    public static Text title(String text) {
        return of("section-title", text);
    }

    /// What an empty sheet says.
    public static Text empty(String text) {
        return wrapped(of("empty", text));
    }

    /// A caution where the work can hurt someone.
    public static Text caution(String text) {
        return wrapped(of("caution", text));
    }

    /// What an empty sheet says: what to do first, with a button that does it or leads there.
    ///
    /// @param hint what the button does, on hover and for screen readers
    public static Group firstStep(String says, String button, String hint, Runnable action) {
        return Group.column(empty(says), Tool.of(button, hint, action)).style("first-step");
    }

    /// The title of a section with words beside it.
    public static Group section(String text, String about) {
        return Group.flow(wrapped(title(text)), wrapped(quiet(about))).style("section");
    }

    /// The same words on one line, none of them given up for want of width.
    public static Text whole(Text words) {
        return words.fitted(Text.Fit.WHOLE);
    }

    /// The same words, broken into as many lines as they need, none of them given up for want of height.
    public static Text wrapped(Text words) {
        return words.fitted(Text.Fit.WRAPPED);
    }

    /// Plain words, broken into as many lines as they need.
    public static Text wrapped(String words) {
        return wrapped(Text.of(words));
    }
}
