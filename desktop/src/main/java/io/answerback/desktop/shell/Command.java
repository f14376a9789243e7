package io.answerback.desktop.shell;

import java.util.Optional;
import javafx.scene.input.KeyCombination;

/// Something the user can do from anywhere: by its key, from the menu, from the palette.
///
/// @param name what it does, as an order
/// @param key its key; empty when it has none
/// @param action does it
public record Command(String name, Optional<KeyCombination> key, Runnable action) {
    /// A command with a key.
    public static Command of(String name, String key, Runnable action) {
        return new Command(name, Optional.of(KeyCombination.valueOf(key)), action);
    }

    /// A command without a key.
    public static Command of(String name, Runnable action) {
        return new Command(name, Optional.empty(), action);
    }
}
