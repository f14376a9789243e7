package io.answerback.core.model.common;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/// What came of something a person typed: what it stands for, or why it stands for nothing. Wrong typing is no
/// failure of the program, so that it is a value and not an exception.
///
/// @param <T> what it stands for
public sealed interface Typed<T> {
    /// It was understood.
    ///
    /// @param value what it stands for
    record Read<T>(T value) implements Typed<T> {}

    /// It stands for nothing.
    ///
    /// @param why what is wrong, and what can be written
    record Refused<T>(String why) implements Typed<T> {}

    /// Something made from what was typed. What its guards refuse was typed wrongly.
    static <T> Typed<T> of(Supplier<T> made) {
        try {
            return new Read<>(made.get());
        } catch (IllegalArgumentException refused) {
            return new Refused<>(refused.getMessage());
        }
    }

    /// What is made of it; a refusal stays one, and what the guards of the next thing refuse was typed wrongly.
    default <R> Typed<R> then(Function<T, R> next) {
        return switch (this) {
            case Read<T>(T value) -> of(() -> next.apply(value));
            case Refused<T>(String why) -> new Refused<>(why);
        };
    }

    /// The same, a refusal with more of what can be written.
    default Typed<T> orAlso(String more) {
        return this instanceof Refused<T>(String why) ? new Refused<>(why + more) : this;
    }

    /// What it stands for; empty where that is nothing.
    default Optional<T> understood() {
        return this instanceof Read<T>(T value) ? Optional.of(value) : Optional.empty();
    }

    /// What it stands for, where nobody can be told at once.
    ///
    /// @throws IllegalArgumentException when it stands for nothing; the message says why
    default T orThrow() {
        return switch (this) {
            case Read<T>(T value) -> value;
            case Refused<T>(String why) -> throw new IllegalArgumentException(why);
        };
    }
}
