package io.answerback.core.memo;

import java.util.ArrayList;
import java.util.List;

/// The facts of many things as one list, in the order of the things. They are gathered some dozens at a time, so
/// that a change of one of them asks only those beside it again.
///
/// @param <K> what tells the things apart
/// @param <T> the value of each
public final class Gathered<K, T> {
    private static final int TOGETHER = 64;

    private final Fact<List<K>> keys;
    private final FactOf<K, T> each;
    private final FactOf<Integer, List<K>> someKeys;
    private final FactOf<Integer, List<T>> some;
    private final Fact<List<T>> all;

    private Gathered(String name, Fact<List<K>> keys, FactOf<K, T> each) {
        this.keys = keys;
        this.each = each;
        this.someKeys = FactOf.each("keys of " + name, this::keysOf);
        this.some = FactOf.each("some of " + name, this::valuesOf);
        this.all = Fact.of(name, this::gather);
    }

    /// The values of a fact for every one of some keys.
    ///
    /// @param name what it is called in messages
    /// @param keys the keys, none twice
    public static <K, T> Fact<List<T>> of(String name, Fact<List<K>> keys, FactOf<K, T> each) {
        return new Gathered<>(name, keys, each).all;
    }

    private List<K> keysOf(Facts facts, int part) {
        List<K> every = facts.of(keys);
        return List.copyOf(every.subList(part * TOGETHER, Math.min(every.size(), (part + 1) * TOGETHER)));
    }

    private List<T> valuesOf(Facts facts, int part) {
        List<T> values = new ArrayList<>(TOGETHER);
        for (K key : facts.of(someKeys, part)) {
            values.add(facts.of(each, key));
        }
        return values;
    }

    private List<T> gather(Facts facts) {
        int size = facts.of(keys).size();
        List<T> values = new ArrayList<>(size);
        for (int part = 0; part * TOGETHER < size; part++) {
            values.addAll(facts.of(some, part));
        }
        return List.copyOf(values);
    }
}
