package io.answerback.core.engine.memo;

import java.util.function.Function;

/// A value that is computed from parts of a job and from other facts, and from nothing else. It is kept as long
/// as everything it was computed from is the very same.
///
/// @param <T> the value, which never changes; of a map the order counts too, but not of a map or set inside the
///     value
public final class Fact<T> implements Computed {
    private final String name;
    private final Function<Facts, T> computation;

    private Fact(String name, Function<Facts, T> computation) {
        this.name = name;
        this.computation = computation;
    }

    /// A fact.
    ///
    /// @param name what it is called in messages
    /// @param computation a pure function; it reads while it runs and not later
    public static <T> Fact<T> of(String name, Function<Facts, T> computation) {
        return new Fact<>(name, computation);
    }

    /// A fact that is no part of a job and is given beside it, such as the day it is judged on.
    ///
    /// @throws IllegalStateException when it is read and was not given
    public static <T> Fact<T> given(String name) {
        return new Fact<>(name, facts -> {
            throw new IllegalStateException(name + " was not given");
        });
    }

    @Override
    public Object compute(Facts facts) {
        return computation.apply(facts);
    }

    @Override
    public String toString() {
        return name;
    }
}
