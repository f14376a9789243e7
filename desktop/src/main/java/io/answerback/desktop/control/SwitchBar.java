package io.answerback.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Skin;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.util.Subscription;

/// A switch with a few positions side by side.
public final class SwitchBar extends Control {
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>(new Shown("", false, List.of(), -1));
    private IntConsumer turn = position -> {};

    /// What the switch shows.
    record Shown(String name, boolean named, List<String> positions, int on) {}

    /// A switch without positions.
    public SwitchBar() {
        getStyleClass().add("switch-bar");
        setFocusTraversable(false);
    }

    /// Shows a switch.
    ///
    /// @param named whether its name stands in front
    /// @param on the position it is in, counted from 0; -1 for none
    /// @param turning takes the number of the new position
    public void show(String name, boolean named, List<String> positions, int on, IntConsumer turning) {
        turn = turning;
        shown.set(new Shown(name, named, positions, on));
    }

    ReadOnlyObjectProperty<Shown> shown() {
        return shown.getReadOnlyProperty();
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new Drawn(this);
    }

    /// Draws it as buttons that stay down.
    private static final class Drawn extends SoleChild<SwitchBar> {
        private final Label caption = new Label();
        private final HBox row = new HBox();
        private final ToggleGroup group = new ToggleGroup();
        private final List<ToggleButton> buttons = new ArrayList<>();
        private final Subscription listening;

        Drawn(SwitchBar bar) {
            super(bar);
            caption.getStyleClass().add("switch-name");
            row.getStyleClass().add("switch");
            getChildren().add(row);
            listening = bar.shown().subscribe(this::show);
        }

        private void show(Shown value) {
            while (buttons.size() < value.positions().size()) {
                buttons.add(button(buttons.size()));
            }
            while (buttons.size() > value.positions().size()) {
                row.getChildren().remove(buttons.removeLast());
            }
            caption.setText(value.name());
            if (value.named() != row.getChildren().contains(caption)) {
                if (value.named()) {
                    row.getChildren().addFirst(caption);
                } else {
                    row.getChildren().remove(caption);
                }
            }
            for (int i = 0; i < buttons.size(); i++) {
                String words = value.positions().get(i);
                buttons.get(i).setText(words);
                buttons.get(i).setAccessibleText(value.name() + " " + words);
                buttons.get(i).setSelected(i == value.on());
            }
        }

        private ToggleButton button(int position) {
            ToggleButton button = new ToggleButton();
            button.setToggleGroup(group);
            button.setMinWidth(ToggleButton.USE_PREF_SIZE);
            button.setOnAction(click -> {
                // it is down when the state says so, not because it was clicked
                show(getSkinnable().shown().get());
                getSkinnable().turn.accept(position);
            });
            row.getChildren().add(button);
            return button;
        }

        @Override
        public void dispose() {
            listening.unsubscribe();
            super.dispose();
        }
    }
}
