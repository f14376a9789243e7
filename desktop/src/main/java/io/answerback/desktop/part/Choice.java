package io.answerback.desktop.part;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntConsumer;

/// A value chosen from a few, where it stands.
///
/// @param name what it is; it tells choices apart
/// @param shown the value that holds, in words
/// @param options what there is to choose from, in words
/// @param chosen which of them holds, counted from 0; -1 for none
/// @param take takes the number of what was chosen
public record Choice(String name, String shown, List<String> options, int chosen, IntConsumer take) implements Part {
    public Choice {
        options = List.copyOf(options);
    }

    /// A choice.
    ///
    /// @param chosen the one that holds; null for none
    /// @param words how an option reads
    /// @param take takes what was chosen
    public static <T> Choice of(String name, List<T> options, T chosen, Function<T, String> words, Consumer<T> take) {
        return of(name, options, chosen, "none", words, take);
    }

    /// The same with other words for "none".
    public static <T> Choice of(
            String name, List<T> options, T chosen, String none, Function<T, String> words, Consumer<T> take) {
        return new Choice(
                name,
                chosen == null ? none : words.apply(chosen),
                options.stream().map(words).toList(),
                chosen == null ? -1 : options.indexOf(chosen),
                index -> take.accept(options.get(index)));
    }
}
