package io.answerback.core.engine.memo;

import java.util.function.BiFunction;

/// A [Fact] of every thing of one sort, such as the loop of each point; each is kept by itself.
///
/// @param <K> what tells the things apart
/// @param <T> the value, which never changes
public final class FactOf<K, T> {
    private final String name;
    private final BiFunction<Facts, K, T> computation;

    private FactOf(String name, BiFunction<Facts, K, T> computation) {
        this.name = name;
        this.computation = computation;
    }

    /// A fact of each thing.
    ///
    /// @param name what it is called in messages
    /// @param computation a pure function; it reads while it runs and not later
    public static <K, T> FactOf<K, T> each(String name, BiFunction<Facts, K, T> computation) {
        return new FactOf<>(name, computation);
    }

    T compute(Facts facts, K key) {
        return computation.apply(facts, key);
    }

    @Override
    public String toString() {
        return name;
    }
}
