package io.answerback.core.memo;

import io.answerback.core.site.Lookup;
import io.answerback.core.site.Part;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// What one computation reads through, noting everything it has read.
final class Reader extends WatchedParts implements Facts, AutoCloseable {
    private final FactStore store;
    private final Set<Part> parts = EnumSet.noneOf(Part.class);
    private final List<Kept.Read> reads = new ArrayList<>();
    private boolean closed;

    Reader(FactStore store) {
        super(store.job());
        this.store = store;
    }

    @Override
    public <T> T of(Fact<T> fact) {
        T value = store.of(fact);
        note(new Kept.Used(fact, value));
        return value;
    }

    @Override
    public <K, T> T of(FactOf<K, T> fact, K key) {
        T value = store.of(fact, key);
        note(new Kept.Used(new Computed.Of<>(fact, key), value));
        return value;
    }

    @Override
    void read(Part part) {
        requireOpen();
        parts.add(part);
    }

    @Override
    void lookedUp(Lookup lookup, Object key, Object found) {
        if (!parts.contains(lookup.part())) {
            note(new Kept.Found(lookup, key, found));
        }
    }

    private void note(Kept.Read read) {
        requireOpen();
        reads.add(read);
    }

    private void requireOpen() {
        if (closed) {
            throw new IllegalStateException(
                    "a fact reads after it was computed; it would not be known what it rests on");
        }
    }

    /// The value with everything that was read.
    Kept kept(Object value) {
        return new Kept(value, parts, List.copyOf(reads));
    }

    /// Nothing more may be read.
    @Override
    public void close() {
        closed = true;
    }
}
