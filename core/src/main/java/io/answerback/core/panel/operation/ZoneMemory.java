package io.answerback.core.panel.operation;

import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;

/// What a panel remembers of its zones besides what they read. Never changes.
///
/// @param open zones whose alarm was sent and not its restore
/// @param tampers zones whose tamper was sent and not its restore
/// @param counts how often each zone has alarmed since its area was set
/// @param byHand zones that somebody left out, each with the number of who did
public record ZoneMemory(
        Set<Integer> open, Set<Integer> tampers, Map<Integer, Integer> counts, SortedMap<Integer, Integer> byHand) {
    /// Nothing.
    public static final ZoneMemory NONE = new ZoneMemory(Set.of(), Set.of(), Map.of(), Collections.emptySortedMap());

    ZoneMemory withOpen(int zone, boolean is) {
        return new ZoneMemory(changed(open, zone, is), tampers, counts, byHand);
    }

    ZoneMemory withTamper(int zone, boolean is) {
        return new ZoneMemory(open, changed(tampers, zone, is), counts, byHand);
    }

    private static Set<Integer> changed(Set<Integer> old, int zone, boolean in) {
        Set<Integer> next = new HashSet<>(old);
        if (in) {
            next.add(zone);
        } else {
            next.remove(zone);
        }
        return Collections.unmodifiableSet(next);
    }

    ZoneMemory counted(int zone) {
        Map<Integer, Integer> next = new HashMap<>(counts);
        next.merge(zone, 1, Integer::sum);
        return new ZoneMemory(open, tampers, Collections.unmodifiableMap(next), byHand);
    }

    ZoneMemory withoutCount(int zone) {
        if (!counts.containsKey(zone)) {
            return this;
        }
        Map<Integer, Integer> next = new HashMap<>(counts);
        next.remove(zone);
        return new ZoneMemory(open, tampers, Collections.unmodifiableMap(next), byHand);
    }

    ZoneMemory withoutCounts() {
        return new ZoneMemory(open, tampers, Map.of(), byHand);
    }

    /// With a zone left out by somebody, or watched again where that is nobody, 0.
    ZoneMemory withByHand(int zone, int user) {
        SortedMap<Integer, Integer> next = new TreeMap<>(byHand);
        if (user == 0) {
            next.remove(zone);
        } else {
            next.put(zone, user);
        }
        return new ZoneMemory(open, tampers, counts, Collections.unmodifiableSortedMap(next));
    }
}
