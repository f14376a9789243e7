package io.answerback.desktop.drawing;

import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.layout.Region;

/// Labels of the few sorts there are.
public final class Words {
    private Words() {}

    /// Words in a style of the style sheet.
    public static Label of(String style, String text) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        return label;
    }

    /// Words that explain, in a quieter ink.
    public static Label quiet(String text) {
        return of("quiet", text);
    }

    /// A figure, code or terminal.
    public static Label figure(String text) {
        return of("figure", text);
    }

    /// The title of a section.
    public static Label title(String text) {
        return of("section-title", text);
    }

    /// The title of a section with words beside it.
    public static Flow section(String text, String about) {
        Flow row = new Flow(wrapped(title(text)), wrapped(quiet(about)));
        row.getStyleClass().add("section");
        return row;
    }

    /// The same words on one line, none of them given up for want of width.
    public static <T extends Labeled> T whole(T words) {
        words.setMinWidth(Region.USE_PREF_SIZE);
        return words;
    }

    /// The same words, broken into as many lines as they need, none of them given up for want of height.
    public static <T extends Labeled> T wrapped(T words) {
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        return words;
    }
}
