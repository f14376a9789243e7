package io.answerback.core.engine.memo;

import java.util.ArrayList;
import java.util.List;

/// Many things, taken some dozens at a time: what is computed of each group is kept by itself, so that a change
/// of one thing asks only those beside it again.
///
/// @param <K> what tells the things apart
public final class Groups<K> {
    private static final int TOGETHER = 64;

    private final Fact<List<K>> keys;
    private final FactOf<Integer, List<K>> group;

    /// The groups of things.
    ///
    /// @param name what the things are called in messages
    /// @param keys the keys of the things, in order, none twice
    public Groups(String name, Fact<List<K>> keys) {
        this.keys = keys;
        this.group = FactOf.each("group of " + name, this::keysOf);
    }

    private List<K> keysOf(Facts facts, int number) {
        List<K> every = facts.of(keys);
        return List.copyOf(every.subList(number * TOGETHER, Math.min(every.size(), (number + 1) * TOGETHER)));
    }

    /// The keys of a group, in order.
    ///
    /// @param number from 0
    public List<K> keys(Facts facts, int number) {
        return facts.of(group, number);
    }

    /// What a fact of each group comes to for every group, in order.
    public <S> List<S> every(Facts facts, FactOf<Integer, S> ofGroup) {
        int size = facts.of(keys).size();
        List<S> every = new ArrayList<>();
        for (int number = 0; number * TOGETHER < size; number++) {
            every.add(facts.of(ofGroup, number));
        }
        return every;
    }

    /// The values of a fact for each thing of a group, in order.
    public <T> FactOf<Integer, List<T>> each(String name, FactOf<K, T> fact) {
        return FactOf.each("some of " + name, (facts, number) -> {
            List<T> values = new ArrayList<>(TOGETHER);
            for (K key : keys(facts, number)) {
                values.add(facts.of(fact, key));
            }
            return values;
        });
    }

    /// The values of a fact for every thing as one list, in order.
    ///
    /// @param name what it is called in messages
    public <T> Fact<List<T>> all(String name, FactOf<K, T> fact) {
        FactOf<Integer, List<T>> some = each(name, fact);
        return Fact.of(name, facts -> {
            List<T> values = new ArrayList<>(facts.of(keys).size());
            every(facts, some).forEach(values::addAll);
            return List.copyOf(values);
        });
    }
}
