package io.answerback.desktop.drawing;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;

/// A value chosen from a few, where it stands.
public final class Choice {
    private Choice() {}

    /// A choice on a drawing.
    ///
    /// @param name what it is, for screen readers and on hover
    /// @param options what there is to choose from
    /// @param chosen the one that holds; null for none
    /// @param words how an option reads
    /// @param take takes what was chosen
    public static <T> MenuButton of(
            String name, List<T> options, T chosen, Function<T, String> words, Consumer<T> take) {
        return of(name, options, chosen, "none", words, take);
    }

    /// The same with other words for "none".
    public static <T> MenuButton of(
            String name, List<T> options, T chosen, String none, Function<T, String> words, Consumer<T> take) {
        MenuButton button = new MenuButton(chosen == null ? none : words.apply(chosen));
        button.getStyleClass().add("choice");
        button.setAccessibleText(name + " " + button.getText());
        Hint.on(button, name + ": click to choose");
        ToggleGroup group = new ToggleGroup();
        for (T option : options) {
            RadioMenuItem item = new RadioMenuItem(words.apply(option));
            item.setToggleGroup(group);
            item.setSelected(option.equals(chosen));
            item.setOnAction(click -> take.accept(option));
            button.getItems().add(item);
        }
        return button;
    }
}
