package io.answerback.core.engine.memo;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Lookup;
import io.answerback.core.model.site.Part;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// What one computation reads through, noting everything it has read.
final class Reader extends WatchedParts implements Facts, AutoCloseable {
    private final Memo memo;
    private final Node node;
    private final Set<Part> parts = EnumSet.noneOf(Part.class);
    private final List<Node.Use> uses = new ArrayList<>();
    private boolean closed;

    /// @param node the fact that is computed; null when somebody asks from outside, who is told of nothing
    Reader(Memo memo, Job job, Node node) {
        super(job);
        this.memo = memo;
        this.node = node;
    }

    @Override
    public <T> T of(Fact<T> fact) {
        return used(memo.node(fact));
    }

    @Override
    public <K, T> T of(FactOf<K, T> fact, K key) {
        return used(memo.node(fact, key));
    }

    @SuppressWarnings("unchecked")
    private <T> T used(Node other) {
        requireOpen();
        Object value = memo.value(other);
        if (node != null) {
            other.usedBy(node);
        }
        uses.add(new Node.Use(other, value));
        return (T) value;
    }

    @Override
    void read(Part part) {
        requireOpen();
        if (parts.add(part) && node != null) {
            memo.reads().whole(part, node);
        }
    }

    @Override
    void lookedUp(Lookup lookup, Object key, Object found) {
        requireOpen();
        if (node != null && !parts.contains(lookup.part())) {
            memo.reads().lookedUp(lookup, key, found, node);
        }
    }

    private void requireOpen() {
        if (closed) {
            throw new IllegalStateException(Text.of(
                    "%s reads after it was computed; nobody would know what it rests on",
                    node == null ? "an answer" : node.fact));
        }
    }

    /// The other facts that were read, in that order.
    List<Node.Use> uses() {
        return uses;
    }

    /// Nothing more may be read.
    @Override
    public void close() {
        closed = true;
    }
}
