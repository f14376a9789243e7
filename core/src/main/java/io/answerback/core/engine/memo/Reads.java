package io.answerback.core.engine.memo;

import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Lookup;
import io.answerback.core.model.site.Part;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
            Object before = part.of(from);
            Object now = part.of(to);
            if (before != now) {
                fire(wholes.getOrDefault(part, Set.of()));
                lookAgain(part, before, now, to);
            }
        }
    }

    private void lookAgain(Part part, Object before, Object now, Job to) {
        Optional<List<Object>> others =
                before instanceof List<?> some && now instanceof List<?> list ? others(some, list) : Optional.empty();
        lookups.forEach((lookup, byKey) -> {
            if (lookup.part() == part) {
                keys(lookup, others, byKey).forEach(key -> look(lookup, key, byKey.get(key), to));
            }
        });
    }

    /// The things that are other objects, before and now, where lists differ in a few places only.
    private static Optional<List<Object>> others(List<?> before, List<?> now) {
        if (before.size() != now.size()) {
            return Optional.empty();
        }
        List<Object> others = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            if (before.get(i) != now.get(i)) {
                others.add(before.get(i));
                others.add(now.get(i));
            }
        }
        return Optional.of(others);
    }

    /// Under which keys something else may be found: those of the things that are other objects; every one where
    /// that is not known.
    private static Collection<Object> keys(Lookup lookup, Optional<List<Object>> others, Map<Object, LookedUp> byKey) {
        if (others.isEmpty()) {
            return List.copyOf(byKey.keySet());
        }
        Set<Object> keys = new HashSet<>();
        others.get().forEach(thing -> keys.addAll(lookup.keys(thing)));
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
