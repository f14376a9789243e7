package io.answerback.desktop.control;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;

/// A value chosen from a few. What there is to choose from is made when it is opened.
public final class ChoiceField extends MenuButton {
    private List<String> options = List.of();
    private int chosen;
    private IntConsumer take = index -> {};

    /// An empty choice.
    public ChoiceField() {
        getStyleClass().add("choice");
        setOnShowing(opening -> fill());
        MenuStart.light(this, () -> chosen);
        getItems().add(new RadioMenuItem());
    }

    /// Shows a choice.
    ///
    /// @param text the value that holds, in words
    /// @param offered what there is to choose from, in words
    /// @param held which of them holds, counted from 0; -1 for none
    /// @param taking takes the number of what was chosen
    public void show(String name, String text, List<String> offered, int held, IntConsumer taking) {
        setText(text);
        setAccessibleText(name + " " + text);
        Hint.on(this, name + ": click to choose");
        options = offered;
        chosen = held;
        take = taking;
    }

    private void fill() {
        ToggleGroup group = new ToggleGroup();
        getItems().clear();
        for (int i = 0; i < options.size(); i++) {
            RadioMenuItem item = new RadioMenuItem(options.get(i));
            int index = i;
            item.setToggleGroup(group);
            item.setSelected(i == chosen);
            item.setOnAction(click -> take.accept(index));
            getItems().add(item);
        }
    }
}
