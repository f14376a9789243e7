package io.answerback.desktop.part;

import java.util.function.Supplier;

/// What a sheet made last, kept for as long as what it was made of is the same object.
///
/// @param <T> what was made
public final class Kept<T> {
    private Object of;
    private T made;

    /// What was made of this object; made now where it is another one.
    public T of(Object object, Supplier<T> making) {
        if (made == null || of != object) {
            of = object;
            made = making.get();
        }
        return made;
    }
}
