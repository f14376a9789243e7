package io.answerback.desktop.control;

import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/// Words, and buttons with words on them.
final class Labels {
    /// An id, a number or a short word stays whole beside a name that gives way.
    private static final int SHORT_LETTERS = 10;

    private Labels() {}

    static Label make(Text text) {
        Label label = new Label();
        if (!text.style().isEmpty()) {
            label.getStyleClass().addAll(text.style().split(" "));
        }
        return label;
    }

    static void fit(Label label, Text text) {
        label.setText(text.text());
        label.setWrapText(text.fit() == Text.Fit.WRAPPED);
        label.setMinHeight(text.fit() == Text.Fit.WRAPPED ? Region.USE_PREF_SIZE : Region.USE_COMPUTED_SIZE);
        boolean whole = text.fit() == Text.Fit.WHOLE
                || text.fit() != Text.Fit.WRAPPED && text.text().length() <= SHORT_LETTERS;
        label.setMinWidth(whole ? Region.USE_PREF_SIZE : Region.USE_COMPUTED_SIZE);
    }

    static ButtonBase make(Tool tool) {
        ButtonBase button = tool.sort() == Tool.Sort.LINK ? new Hyperlink() : new Button();
        switch (tool.sort()) {
            case SMALL -> button.getStyleClass().add("tool");
            case ARROW -> button.getStyleClass().addAll("tool", "tool-arrow");
            case PRIMARY -> button.getStyleClass().add("primary");
            case LINK -> button.getStyleClass().add("next-finding");
        }
        return button;
    }

    static void fit(ButtonBase button, Tool tool) {
        boolean link = tool.sort() == Tool.Sort.LINK;
        button.setText(tool.text());
        button.setAccessibleText(tool.says());
        button.setWrapText(link);
        button.setMinHeight(link ? Region.USE_PREF_SIZE : Region.USE_COMPUTED_SIZE);
        button.setMinWidth(link ? Region.USE_COMPUTED_SIZE : Region.USE_PREF_SIZE);
        button.setDisable(!tool.enabled());
        Hint.on(button, tool.hint());
        button.setOnAction(click -> tool.action().run());
    }
}
