package io.answerback.core.model.unit;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/// How a communicator is worked by text message and call, from its manual.
///
/// @param patterns how each command is written, with `{password}`, `{number}` and `{new}` in the places of what
///     is typed; a command that is missing is not understood
/// @param factoryPassword the password when it is new, 4 to 12 letters or digits
/// @param firstIsAdministrator whether the first number that calls or writes becomes its administrator
/// @param mostNumbers how many numbers it keeps, its administrator's among them, 1 to 200
/// @param wrongPasswords after how many wrong passwords in a row a number is no longer answered, 1 to 20
/// @param repeatSeconds within how many seconds the same text again is taken for a copy, 0 to 600
public record TextControl(
        Map<TextCommand, String> patterns,
        String factoryPassword,
        boolean firstIsAdministrator,
        int mostNumbers,
        int wrongPasswords,
        int repeatSeconds) {
    /// What a password may be.
    public static final String PASSWORD = "[A-Za-z0-9]{4,12}";

    /// @throws IllegalArgumentException when a figure is out of bounds, or a pattern lacks what its command needs
    public TextControl {
        Map<TextCommand, String> given = new EnumMap<>(TextCommand.class);
        given.putAll(Require.given(patterns, "patterns of commands"));
        given.forEach(TextControl::requirePlaces);
        patterns = Collections.unmodifiableMap(given);
        factoryPassword = Require.text(factoryPassword, "password of a new communicator");
        if (!factoryPassword.matches(PASSWORD)) {
            throw new IllegalArgumentException(
                    "password of a new communicator is \"" + factoryPassword + "\"; it has 4 to 12 letters or digits");
        }
        Require.within(mostNumbers, 1, 200, "numbers a communicator keeps");
        Require.within(wrongPasswords, 1, 20, "wrong passwords in a row");
        Require.within(repeatSeconds, 0, 600, "seconds within which a text is a copy");
    }

    private static void requirePlaces(TextCommand command, String pattern) {
        Require.text(pattern, "pattern of " + command.words());
        require(command, pattern, "{password}");
        if (command == TextCommand.ADD || command == TextCommand.REMOVE) {
            require(command, pattern, "{number}");
        }
        if (command == TextCommand.PASSWORD) {
            require(command, pattern, "{new}");
        }
    }

    private static void require(TextCommand command, String pattern, String place) {
        if (!pattern.contains(place)) {
            throw new IllegalArgumentException(
                    Text.of("pattern of %s is \"%s\"; it needs %s", command.words(), pattern, place));
        }
    }

    /// How a command is typed.
    ///
    /// @param number the number it is about; unused where the pattern has none
    /// @param other the new password; unused where the pattern has none
    public String typed(TextCommand command, String password, String number, String other) {
        return patterns.getOrDefault(command, "")
                .replace("{password}", password)
                .replace("{number}", number)
                .replace("{new}", other);
    }
}
