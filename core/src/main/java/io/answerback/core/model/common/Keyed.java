package io.answerback.core.model.common;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.RandomAccess;
import java.util.Spliterator;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Function;

/// An immutable list of things that are told apart by a key, found by it and by whatever else they are known by
/// without a search. A list that differs from another in a few of its things shares what finds them with it.
///
/// @param <T> what it lists
public final class Keyed<T> extends AbstractList<T> implements RandomAccess {
    private static final int MOST_EXCHANGED = 64;

    private final List<T> items;
    private final KeyIndex<T> index;
    private final Map<Object, T> exchanged;
    private final Map<Function<T, ? extends Collection<?>>, Boolean> shared = new ConcurrentHashMap<>();
    private KeyIndex<T> own;
    private final Origin<T> origin;
    private volatile List<List<?>> checkedAgainst = List.of();

    /// What a list came from.
    ///
    /// @param checkedAgainst what the list before was checked against
    /// @param changes the things of this list that were not in that one
    private record Origin<T>(List<List<?>> checkedAgainst, List<T> changes) {}

    private Keyed(List<T> items, KeyIndex<T> index, Map<Object, T> exchanged, Origin<T> origin) {
        this.items = items;
        this.index = index;
        this.exchanged = exchanged;
        this.origin = origin;
    }

    /// A list of these things; the very list it is given when that is one of the same sort already.
    ///
    /// @param key what tells them apart
    /// @param all what the list is called
    /// @param one what one of them is called
    /// @throws IllegalArgumentException when the list is missing, or two of its things have one key
    public static <T> Keyed<T> of(List<T> items, Function<T, ?> key, String all, String one) {
        if (Require.given(items, all) instanceof Keyed<T> keyed
                && keyed.index.one().equals(one)) {
            return keyed;
        }
        List<T> copy = List.copyOf(items);
        return new Keyed<>(copy, new KeyIndex<>(copy, key, one), Map.of(), new Origin<>(List.of(), copy));
    }

    /// The list `now`, as what became of `before`: `before` itself where they are equal. Things that are equal to
    /// those that were in their place before stay the objects they were.
    public static <T> List<T> after(List<T> before, List<T> now) {
        if (now == before || now == null || !(before instanceof Keyed<T> keyed)) {
            return Unchanged.list(before, now);
        }
        List<T> kept = Unchanged.list(before, now);
        return kept == before || kept.size() != before.size() ? kept : keyed.exchanging(kept);
    }

    private List<T> exchanging(List<T> now) {
        Map<Object, T> changes = new HashMap<>(exchanged);
        List<T> changed = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            T item = now.get(i);
            if (item != items.get(i)) {
                Object key = index.keyOf(item);
                if (!key.equals(index.keyOf(items.get(i))) || changes.size() == MOST_EXCHANGED) {
                    return now;
                }
                changes.put(key, item);
                changed.add(item);
            }
        }
        return new Keyed<>(List.copyOf(now), index, changes, new Origin<>(checkedAgainst, changed));
    }

    /// Checks what must hold between this list and others, unless it was checked against those very lists before:
    /// an edit changes one list or two, and what holds between the others goes on holding.
    ///
    /// @param check throws when something does not hold
    public void checkAgainst(List<List<?>> others, Runnable check) {
        if (!same(checkedAgainst, others)) {
            check.run();
            checkedAgainst = List.copyOf(others);
        }
    }

    /// Checks what must hold between each thing of this list and other lists, where it was not checked before:
    /// of a list that came from one that was checked against those very lists only the things that are others.
    ///
    /// @param check throws when something does not hold
    public void checkEachAgainst(List<List<?>> others, Consumer<T> check) {
        checkAgainst(others, () -> (same(origin.checkedAgainst, others) ? origin.changes : items).forEach(check));
    }

    private static boolean same(List<List<?>> some, List<List<?>> others) {
        if (some.size() != others.size() || some.isEmpty()) {
            return false;
        }
        for (int i = 0; i < some.size(); i++) {
            if (some.get(i) != others.get(i)) {
                return false;
            }
        }
        return true;
    }

    /// The keys of the things, in the order of the list. Lists that share what finds their things share them too.
    ///
    /// @param <K> what the key that tells the things apart gives
    @SuppressWarnings("unchecked")
    public <K> List<K> keys() {
        return (List<K>) index.keys();
    }

    /// The thing with this key; empty when there is none.
    public Optional<T> find(Object key) {
        T instead = exchanged.get(key);
        return instead != null ? Optional.of(instead) : Optional.ofNullable(index.find(key));
    }

    /// Whether there is a thing with this key.
    public boolean has(Object key) {
        return index.find(key) != null;
    }

    /// The first thing that has this value among those it is known by; empty when none has it.
    ///
    /// @param by the values a thing is known by, the same function object at every call
    public Optional<T> first(Function<T, ? extends Collection<?>> by, Object value) {
        List<T> all = all(by, value);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getFirst());
    }

    /// The things that have this value among those they are known by, in the order of the list.
    ///
    /// @param by the values a thing is known by, the same function object at every call
    public List<T> all(Function<T, ? extends Collection<?>> by, Object value) {
        if (!shared(by)) {
            return own().all(by, value);
        }
        List<T> found = index.all(by, value);
        List<T> present = found;
        for (Map.Entry<Object, T> one : exchanged.entrySet()) {
            T before = index.find(one.getKey());
            if (by.apply(before).contains(value)) {
                present = present == found ? new ArrayList<>(found) : present;
                present.set(found.indexOf(before), one.getValue());
            }
        }
        return present;
    }

    /// Whether what was exchanged is known by the same values as before.
    private boolean shared(Function<T, ? extends Collection<?>> by) {
        return exchanged.isEmpty()
                || shared.computeIfAbsent(
                        by,
                        its -> exchanged.entrySet().stream()
                                .allMatch(one -> by.apply(one.getValue()).equals(by.apply(index.find(one.getKey())))));
    }

    private synchronized KeyIndex<T> own() {
        if (own == null) {
            own = new KeyIndex<>(items, index.key(), index.one());
        }
        return own;
    }

    @Override
    public T get(int at) {
        return items.get(at);
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
