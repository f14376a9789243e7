package io.answerback.desktop.communicator;

import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;

/// A table of a few figures with their names, each edited where it stands.
final class SettingTable {
    /// What stands where nothing is known.
    static final String NOT_KNOWN = "not known";

    private final Grid.Filling grid = Grid.filling("table", "load-table");

    /// A figure that may not be known; emptied, or typed as "not known", it is not known again.
    void text(String name, String value, Predicate<String> take) {
        line(
                name,
                Value.of(name, value.isEmpty() ? NOT_KNOWN : value, typed -> take.test(known(typed)))
                        .wrapped());
    }

    /// One of a few answers; not known to begin with.
    <T extends Enum<T>> void choice(
            String name,
            List<T> options,
            Optional<T> chosen,
            java.util.function.Function<T, String> words,
            Consumer<T> take) {
        line(name, Choice.of(name, options, chosen.orElse(null), NOT_KNOWN, words, take));
    }

    /// Yes or no; not known to begin with.
    void yesNo(String name, Optional<Boolean> value, Consumer<Boolean> take) {
        line(
                name,
                Choice.of(
                        name,
                        Arrays.asList(true, false),
                        value.orElse(null),
                        "nobody looked",
                        yes -> yes ? "yes" : "no",
                        take));
    }

    /// Something else behind a name.
    void line(String name, Part part) {
        grid.line(name, List.of(Words.whole(Words.quiet(name)), part));
    }

    /// The table.
    Part grid() {
        return grid.grid();
    }

    private static String known(String typed) {
        return typed.strip().equalsIgnoreCase(NOT_KNOWN) ? "" : typed;
    }
}
