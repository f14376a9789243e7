package io.answerback.core.common;

import java.util.AbstractList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.RandomAccess;
import java.util.Spliterator;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/// An immutable list of things that are told apart by a key, found by it without a search.
///
/// @param <T> what it lists
public final class Keyed<T> extends AbstractList<T> implements RandomAccess {
    private final String one;
    private final List<T> items;
    private final Map<Object, T> byKey;
    private final Map<Function<T, Optional<?>>, Map<Object, T>> indexes = new ConcurrentHashMap<>();

    private Keyed(String one, List<T> items, Map<Object, T> byKey) {
        this.one = one;
        this.items = items;
        this.byKey = byKey;
    }

    /// A list of these things; the very list it is given when that is one of the same sort already.
    ///
    /// @param key what tells them apart
    /// @param all what the list is called
    /// @param one what one of them is called
    /// @throws IllegalArgumentException when the list is missing, or two of its things have one key
    public static <T> Keyed<T> of(List<T> items, Function<T, ?> key, String all, String one) {
        if (Require.given(items, all) instanceof Keyed<T> keyed && keyed.one.equals(one)) {
            return keyed;
        }
        List<T> copy = List.copyOf(items);
        Map<Object, T> byKey = HashMap.newHashMap(copy.size());
        for (T item : copy) {
            if (byKey.put(key.apply(item), item) != null) {
                throw new IllegalArgumentException(one + " " + key.apply(item) + " is there twice; keep one");
            }
        }
        return new Keyed<>(one, copy, byKey);
    }

    /// The thing with this key; empty when there is none.
    public Optional<T> find(Object key) {
        return Optional.ofNullable(byKey.get(key));
    }

    /// The first thing that has this value of something else they are known by; empty when none has it.
    ///
    /// @param other what else they are known by, the same function object at every call
    public Optional<T> find(Function<T, Optional<?>> other, Object value) {
        return Optional.ofNullable(indexes.computeIfAbsent(other, this::index).get(value));
    }

    private Map<Object, T> index(Function<T, Optional<?>> other) {
        Map<Object, T> index = new HashMap<>();
        items.forEach(item -> other.apply(item).ifPresent(value -> index.putIfAbsent(value, item)));
        return index;
    }

    @Override
    public T get(int index) {
        return items.get(index);
    }

    @Override
    public int size() {
        return items.size();
    }

    @Override
    public Iterator<T> iterator() {
        return items.iterator();
    }

    @Override
    public Spliterator<T> spliterator() {
        return items.spliterator();
    }
}
