package io.answerback.core.engine.memo;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// A fact with its value, what it was computed from, and what was computed from it.
final class Node {
    private static final int FEW = 8;

    /// Whether the value is that of the present state.
    enum State {
        /// It is.
        CURRENT,
        /// It is, unless some other fact it was computed from comes out otherwise now.
        UNSURE,
        /// It has to be computed.
        OUTDATED,
        /// It is being computed.
        BEING_COMPUTED
    }

    /// Another fact that was read, with the value it had.
    record Use(Node node, Object value) {}

    final Computed fact;
    private final List<Node> users = new ArrayList<>(2);
    private Set<Node> manyUsers;
    List<Use> uses = new ArrayList<>();
    Object value;
    State state = State.OUTDATED;

    Node(Computed fact) {
        this.fact = fact;
    }

    /// Another fact was computed from it.
    void usedBy(Node user) {
        if (manyUsers != null) {
            manyUsers.add(user);
        } else if (!users.contains(user)) {
            users.add(user);
            if (users.size() > FEW) {
                manyUsers = new HashSet<>(users);
                users.clear();
            }
        }
    }

    private Collection<Node> users() {
        return manyUsers != null ? manyUsers : users;
    }

    /// Forgets the facts that are no longer wanted.
    void retainUsers(Set<Node> wanted) {
        users().retainAll(wanted);
    }

    /// Something it read of the job has changed: it has to be computed again.
    void outdate() {
        if (state == State.CURRENT) {
            doubtUsers();
        }
        state = State.OUTDATED;
    }

    /// Whatever was computed from it, by however many steps, may have to be computed again.
    void doubtUsers() {
        List<Node> open = new ArrayList<>(users());
        while (!open.isEmpty()) {
            Node node = open.removeLast();
            if (node.state == State.CURRENT) {
                node.state = State.UNSURE;
                open.addAll(node.users());
            }
        }
    }
}
