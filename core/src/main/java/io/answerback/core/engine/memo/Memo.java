package io.answerback.core.engine.memo;

import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.Function;

/// Facts that are kept from one state of a job to the next.
///
/// While a fact is computed, everything it reads is noted: parts of the job as a whole, single things looked up
/// in them, other facts. When the job is another, what has read something that is another object now is
/// outdated, and what was computed from that is asked again. Nobody says what a fact rests on, so nobody can
/// forget anything. A fact that comes out equal to what it was stays the object it was, and what rests on it
/// holds. So an edit costs what it touched.
///
/// Whatever is read must never change. Safe for use by several threads; they wait for one another.
public final class Memo {
    private static final int FEW = 1000;

    private final Map<Fact<?>, Node> nodes = new HashMap<>();
    private final Map<FactOf<?, ?>, Map<Object, Node>> nodesOf = new HashMap<>();
    private final Reads reads = new Reads();
    private Job job;
    private int size;
    private int kept = FEW;

    /// The answer of a pure function that reads facts of a job. What was computed before an interruption is kept.
    ///
    /// @param given the facts that are no part of the job, each with its value
    /// @param question reads facts while it runs and not later
    /// @throws CancellationException when its thread is interrupted while it computes
    public synchronized <T> T read(Job present, Map<Fact<?>, ?> given, Function<Facts, T> question) {
        move(present, given);
        try (Reader reader = new Reader(this, job, null)) {
            return question.apply(reader);
        }
    }

    /// The same for the question that is asked of every state of a job: what it does not rest on is forgotten
    /// from time to time, such as the facts of points that were removed.
    ///
    /// @throws CancellationException when its thread is interrupted while it computes
    public synchronized <T> T keeping(Job present, Map<Fact<?>, ?> given, Function<Facts, T> question) {
        move(present, given);
        try (Reader reader = new Reader(this, job, null)) {
            T answer = question.apply(reader);
            if (size > 2 * kept) {
                sweep(reader.uses());
            }
            return answer;
        }
    }

    private void move(Job present, Map<Fact<?>, ?> given) {
        if (job != null && job != present) {
            reads.move(job, present);
        }
        job = present;
        given.forEach(this::give);
    }

    private void give(Fact<?> fact, Object value) {
        Node node = node(fact);
        if (!value.equals(node.value)) {
            node.value = value;
            node.doubtUsers();
        }
        node.state = Node.State.CURRENT;
    }

    Node node(Fact<?> fact) {
        return nodes.computeIfAbsent(fact, its -> added(its));
    }

    <K> Node node(FactOf<K, ?> fact, K key) {
        return nodesOf.computeIfAbsent(fact, its -> new HashMap<>())
                .computeIfAbsent(key, its -> added(new Computed.Of<>(fact, key)));
    }

    private Node added(Computed fact) {
        size++;
        return new Node(fact);
    }

    /// The present value of a fact.
    Object value(Node node) {
        switch (node.state) {
            case CURRENT -> {}
            case BEING_COMPUTED -> throw new IllegalStateException(node.fact + " follows from itself");
            case UNSURE -> makeSure(node);
            case OUTDATED -> compute(node);
        }
        return node.value;
    }

    /// Asks the facts it was computed from in the order in which they were read: what was read later may have no
    /// meaning when something before it has changed.
    private void makeSure(Node node) {
        for (Node.Use use : node.uses) {
            if (value(use.node()) != use.value()) {
                compute(node);
                return;
            }
        }
        node.state = Node.State.CURRENT;
    }

    private void compute(Node node) {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException(node.fact + " is not wanted any more");
        }
        node.state = Node.State.BEING_COMPUTED;
        try (Reader reader = new Reader(this, job, node)) {
            Object now = node.fact.compute(reader);
            node.value = same(now, node.value) ? node.value : now;
            node.uses = reader.uses();
            node.state = Node.State.CURRENT;
        } finally {
            if (node.state == Node.State.BEING_COMPUTED) {
                node.state = Node.State.OUTDATED;
            }
        }
    }

    /// Two maps with the same entries in another order are equal, but what lists them is not.
    private static boolean same(Object now, Object before) {
        return now.equals(before)
                && (!(now instanceof Map<?, ?> map) || sameOrder(map.keySet(), ((Map<?, ?>) before).keySet()));
    }

    private static boolean sameOrder(Set<?> some, Set<?> others) {
        Iterator<?> other = others.iterator();
        for (Object key : some) {
            if (!key.equals(other.next())) {
                return false;
            }
        }
        return true;
    }

    Reads reads() {
        return reads;
    }

    /// Forgets what nothing asks for any more, such as the facts of points that were removed.
    private void sweep(List<Node.Use> asked) {
        Set<Node> wanted = new HashSet<>();
        List<Node.Use> open = new ArrayList<>(asked);
        while (!open.isEmpty()) {
            Node node = open.removeLast().node();
            if (wanted.add(node)) {
                open.addAll(node.uses);
            }
        }
        nodes.values().retainAll(wanted);
        nodesOf.values().forEach(byKey -> byKey.values().retainAll(wanted));
        wanted.forEach(node -> node.retainUsers(wanted));
        reads.retain(wanted::contains);
        size = wanted.size();
        kept = Math.max(FEW, size);
    }
}
