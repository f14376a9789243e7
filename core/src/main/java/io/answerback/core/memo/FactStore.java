package io.answerback.core.memo;

import io.answerback.core.site.Job;
import io.answerback.core.site.Lookup;
import io.answerback.core.site.Part;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/// The facts of one state of a job. A fact that was computed for an earlier state is taken over when everything
/// that was read to compute it is the very same object now: nobody says what it rests on, so nobody can forget
/// anything. A fact that comes out equal to what it was stays the object it was, so that what rests on it holds.
///
/// Whatever is read must never change. Safe for use by several threads.
public final class FactStore extends WatchedParts implements Facts {
    private static final Kept BEING_COMPUTED = new Kept("", Set.of(), List.of());

    private final Job job;
    private final Map<Computed, Kept> kept = new ConcurrentHashMap<>();
    private final Set<Part> changed = EnumSet.noneOf(Part.class);
    private Map<Computed, Kept> earlier = Map.of();

    /// The facts of a job, from nothing.
    ///
    /// @param given the facts that are no part of the job, each with its value
    public FactStore(Job job, Map<Fact<?>, ?> given) {
        super(job);
        this.job = job;
        given.forEach((fact, value) -> kept.put(fact, new Kept(value, Set.of(), List.of())));
    }

    /// The facts of a job, taking over what holds from those of an earlier state of it.
    ///
    /// @param given the facts that are no part of the job, each with its value
    public FactStore(Job job, Map<Fact<?>, ?> given, FactStore before) {
        super(job);
        this.job = job;
        earlier = before.kept;
        given.forEach((fact, value) -> kept.put(fact, new Kept(asBefore(fact, value), Set.of(), List.of())));
        for (Part part : Part.values()) {
            if (part.of(job) != part.of(before.job)) {
                changed.add(part);
            }
        }
    }

    /// Takes over nothing more from the earlier state, so that it can be forgotten.
    public synchronized void forgetEarlier() {
        earlier = Map.of();
    }

    @Override
    @SuppressWarnings("unchecked")
    public <T> T of(Fact<T> fact) {
        return (T) value(fact);
    }

    @Override
    @SuppressWarnings("unchecked")
    public <K, T> T of(FactOf<K, T> fact, K key) {
        return (T) value(new Computed.Of<>(fact, key));
    }

    synchronized Object value(Computed fact) {
        Kept known = kept.get(fact);
        if (known == BEING_COMPUTED) {
            throw new IllegalStateException(fact + " follows from itself");
        }
        if (known != null) {
            return known.value();
        }
        kept.put(fact, BEING_COMPUTED);
        Kept now = null;
        try {
            Kept before = earlier.get(fact);
            now = before != null && before.holds(this) ? before : computed(fact);
        } finally {
            if (now == null) {
                kept.remove(fact);
            } else {
                kept.put(fact, now);
            }
        }
        return now.value();
    }

    private Kept computed(Computed fact) {
        try (Reader reader = new Reader(this)) {
            Object value = fact.compute(reader);
            return reader.kept(asBefore(fact, value));
        }
    }

    private Object asBefore(Computed fact, Object value) {
        Kept before = earlier.get(fact);
        return before != null && before.value().equals(value) ? before.value() : value;
    }

    /// Whether a part of the job is another object than it was in the earlier state.
    boolean changed(Part part) {
        return changed.contains(part);
    }

    Job job() {
        return job;
    }

    @Override
    void read(Part part) {}

    @Override
    void lookedUp(Lookup lookup, Object key, Object found) {}
}
