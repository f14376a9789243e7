package io.answerback.desktop;

import java.util.function.Supplier;

/// Makes a thing when it is first wanted, and gives the same one ever after. Used on one thread only.
///
/// @param <T> the thing
final class MadeOnce<T> implements Supplier<T> {
    private final Supplier<T> maker;
    private T made;

    MadeOnce(Supplier<T> maker) {
        this.maker = maker;
    }

    @Override
    public T get() {
        if (made == null) {
            made = maker.get();
        }
        return made;
    }
}
