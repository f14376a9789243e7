package io.answerback.core.model.common;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/// Finds the things of a list by their key and by other values they are known by. Safe for use by several
/// threads.
///
/// @param <T> what the list holds
final class KeyIndex<T> {
    private final List<T> items;
    private final Function<T, ?> key;
    private final String one;
    private final List<?> keys;
    private final Map<Object, T> byKey;
    private final Map<Function<T, ? extends Collection<?>>, Map<Object, List<T>>> groups = new ConcurrentHashMap<>();

    /// @param one what one of the things is called
    /// @throws IllegalArgumentException when two things have one key
    KeyIndex(List<T> items, Function<T, ?> key, String one) {
        this.items = items;
        this.key = key;
        this.one = one;
        this.keys = items.stream().map(key).toList();
        this.byKey = HashMap.newHashMap(items.size());
        for (int i = 0; i < items.size(); i++) {
            if (byKey.put(keys.get(i), items.get(i)) != null) {
                throw new IllegalArgumentException(one + " " + keys.get(i) + " is there twice; keep one");
            }
        }
    }

    String one() {
        return one;
    }

    Object keyOf(T item) {
        return key.apply(item);
    }

    Function<T, ?> key() {
        return key;
    }

    /// The keys, in the order of the list.
    List<?> keys() {
        return keys;
    }

    /// The thing with this key; null when there is none.
    T find(Object itsKey) {
        return byKey.get(itsKey);
    }

    /// The things that have this value among those they are known by, in the order of the list.
    List<T> all(Function<T, ? extends Collection<?>> by, Object value) {
        return groups.computeIfAbsent(by, this::grouped).getOrDefault(value, List.of());
    }

    private Map<Object, List<T>> grouped(Function<T, ? extends Collection<?>> by) {
        Map<Object, List<T>> grouped = new HashMap<>();
        for (T item : items) {
            for (Object value : by.apply(item)) {
                grouped.computeIfAbsent(value, its -> new ArrayList<>(1)).add(item);
            }
        }
        return grouped;
    }
}
