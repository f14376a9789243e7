package io.answerback.core.memo;

import io.answerback.core.site.Job;
import io.answerback.core.site.Lookup;
import io.answerback.core.site.Part;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/// Which facts have read what of the job.
final class Reads {
    private final Map<Part, Set<Node>> wholes = new EnumMap<>(Part.class);
    private final Map<Lookup, Map<Object, LookedUp>> lookups = new EnumMap<>(Lookup.class);

    /// One thing that was looked up.
    private static final class LookedUp {
        private final Set<Node> readers = new HashSet<>(4);
        private Object found;
    }

    /// A fact has read a part as a whole.
    void whole(Part part, Node reader) {
        wholes.computeIfAbsent(part, key -> new HashSet<>()).add(reader);
    }

    /// A fact has looked up one thing.
    ///
    /// @param found null where there is none
    void lookedUp(Lookup lookup, Object key, Object found, Node reader) {
        LookedUp known =
                lookups.computeIfAbsent(lookup, its -> new HashMap<>()).computeIfAbsent(key, its -> new LookedUp());
        known.found = found;
        known.readers.add(reader);
    }

    /// Outdates every fact that has read something which is another object in another state of the job. It reads
    /// anew what it still needs when it is computed.
    void move(Job from, Job to) {
        for (Part part : Part.values()) {
            if (part.of(from) != part.of(to)) {
                fire(wholes.getOrDefault(part, Set.of()));
            }
        }
        lookups.forEach((lookup, byKey) -> {
            Object before = lookup.part().of(from);
            Object now = lookup.part().of(to);
            if (before != now) {
                for (Object key : keys(lookup, (List<?>) before, (List<?>) now, byKey)) {
                    look(lookup, key, byKey.get(key), to);
                }
            }
        });
    }

    /// Under which keys something else may be found: those of the things that are other objects, where the lists
    /// differ in a few places only; else every one.
    private static Collection<Object> keys(Lookup lookup, List<?> before, List<?> now, Map<Object, LookedUp> byKey) {
        if (before.size() != now.size()) {
            return List.copyOf(byKey.keySet());
        }
        Set<Object> keys = new HashSet<>();
        for (int i = 0; i < now.size(); i++) {
            if (before.get(i) != now.get(i)) {
                keys.addAll(lookup.keys(before.get(i)));
                keys.addAll(lookup.keys(now.get(i)));
            }
        }
        return keys;
    }

    private static void look(Lookup lookup, Object key, LookedUp known, Job to) {
        if (known != null) {
            Object now = lookup.in(to, key);
            if (!Lookup.same(now, known.found)) {
                known.found = now;
                fire(known.readers);
            }
        }
    }

    private static void fire(Set<Node> readers) {
        if (!readers.isEmpty()) {
            List<Node> all = new ArrayList<>(readers);
            readers.clear();
            all.forEach(Node::outdate);
        }
    }

    /// Forgets the facts that are no longer wanted.
    void retain(Predicate<Node> wanted) {
        wholes.values().forEach(readers -> readers.removeIf(wanted.negate()));
        lookups.values().forEach(byKey -> {
            byKey.values().forEach(known -> known.readers.removeIf(wanted.negate()));
            byKey.values().removeIf(known -> known.readers.isEmpty());
        });
    }
}
