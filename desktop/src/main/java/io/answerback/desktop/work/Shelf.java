package io.answerback.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;

/// Things of one sort there are to choose from: those that ship with the application, read when they are first
/// wanted, and the firm's own; one of a name that is there already takes its place.
///
/// @param <T> what they are
public final class Shelf<T> {
    private final Supplier<List<T>> shipped;
    private final Function<T, String> name;
    private List<T> all;

    /// A shelf.
    ///
    /// @param shipped reads what ships with the application
    /// @param name what tells two apart
    public Shelf(Supplier<List<T>> shipped, Function<T, String> name) {
        this.shipped = shipped;
        this.name = name;
    }

    /// All of them, those that ship first.
    public List<T> all() {
        if (all == null) {
            all = new ArrayList<>(shipped.get());
        }
        return List.copyOf(all);
    }

    /// Puts one on the shelf.
    public void put(T own) {
        List<String> names = all().stream().map(name).toList();
        int at = names.indexOf(name.apply(own));
        if (at >= 0) {
            all.set(at, own);
        } else {
            all.add(own);
        }
    }
}
