package io.answerback.desktop.shell;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/// Something the user can do from anywhere: by its key, from the menu, from the palette.
///
/// @param name what it does, as an order
/// @param key its key; empty when it has none
/// @param also other keys that do the same, for other keyboards
/// @param words what else people call it
/// @param action does it
public record Command(
        String name, Optional<KeyCombination> key, List<KeyCombination> also, String words, Runnable action) {
    public Command {
        also = List.copyOf(also);
    }

    /// A command with a key.
    public static Command of(String name, String key, Runnable action) {
        return new Command(name, Optional.of(KeyCombination.valueOf(key)), List.of(), "", action);
    }

    /// A command without a key.
    public static Command of(String name, Runnable action) {
        return new Command(name, Optional.empty(), List.of(), "", action);
    }

    /// The same with other keys that do it too.
    public Command also(String... keys) {
        return new Command(
                name, key, Arrays.stream(keys).map(KeyCombination::valueOf).toList(), words, action);
    }

    /// The same with other words that people have for it.
    public Command called(String other) {
        return new Command(name, key, also, other, action);
    }

    /// Whether a key that was pressed is one of its own.
    boolean by(KeyEvent pressed) {
        return Stream.concat(key.stream(), also.stream()).anyMatch(keys -> keys.match(pressed));
    }
}
