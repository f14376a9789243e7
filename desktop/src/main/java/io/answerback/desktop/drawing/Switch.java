package io.answerback.desktop.drawing;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;

/// A switch with a few positions side by side, and its name in front.
public final class Switch {
    private Switch() {}

    /// A switch.
    ///
    /// @param name what is switched
    /// @param positions its positions
    /// @param on the position it is in
    /// @param words how a position reads
    /// @param turn takes the new position
    public static <T> HBox of(String name, List<T> positions, T on, Function<T, String> words, Consumer<T> turn) {
        HBox row = bare(name, positions, on, words, turn);
        Label caption = new Label(name);
        caption.getStyleClass().add("switch-name");
        row.getChildren().addFirst(caption);
        return row;
    }

    /// A switch whose positions speak for themselves; its name is for screen readers.
    public static <T> HBox bare(String name, List<T> positions, T on, Function<T, String> words, Consumer<T> turn) {
        HBox row = new HBox();
        row.getStyleClass().add("switch");
        row.setAlignment(Pos.CENTER_LEFT);
        ToggleGroup group = new ToggleGroup();
        for (T position : positions) {
            ToggleButton button = new ToggleButton(words.apply(position));
            button.setToggleGroup(group);
            button.setSelected(position.equals(on));
            button.setAccessibleText(name + " " + words.apply(position));
            button.setMinWidth(ToggleButton.USE_PREF_SIZE);
            button.setOnAction(click -> turn.accept(position));
            row.getChildren().add(button);
        }
        return row;
    }
}
