package io.answerback.desktop.part;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntConsumer;

/// A switch with a few positions side by side.
///
/// @param name what is switched; it tells switches apart
/// @param named whether its name stands in front; else it is for screen readers only
/// @param positions its positions in words
/// @param on the position it is in, counted from 0; -1 for none
/// @param turn takes the number of the new position
public record Switch(String name, boolean named, List<String> positions, int on, IntConsumer turn) implements Part {
    public Switch {
        positions = List.copyOf(positions);
    }

    /// A switch with its name in front.
    ///
    /// @param words how a position reads
    /// @param turn takes the new position
    public static <T> Switch of(String name, List<T> positions, T on, Function<T, String> words, Consumer<T> turn) {
        return new Switch(
                name,
                true,
                positions.stream().map(words).toList(),
                on == null ? -1 : positions.indexOf(on),
                index -> turn.accept(positions.get(index)));
    }

    /// A switch whose positions speak for themselves.
    public static <T> Switch bare(String name, List<T> positions, T on, Function<T, String> words, Consumer<T> turn) {
        Switch its = of(name, positions, on, words, turn);
        return new Switch(name, false, its.positions(), its.on(), its.turn());
    }
}
