package io.answerback.desktop.control;

import io.answerback.desktop.part.Part;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;

/// Keeps the keyboard where it is while parts are shown anew: on the part that is the same by what it is, however
/// it is drawn now; where that is gone, on the nearest part that is left; never anywhere else in the window.
public final class FocusKeeper {
    private FocusKeeper() {}

    /// Shows parts anew without letting the keyboard leave them.
    ///
    /// @param within what is shown anew
    static void whileShowing(Parent within, Runnable show) {
        Node before = owner(within.getScene());
        if (before == null || !inside(before, within)) {
            show.run();
            return;
        }
        List<String> place = place(before, within);
        show.run();
        Node now = owner(within.getScene());
        boolean stayed = before.getScene() == within.getScene() && inside(before, within);
        boolean called = now instanceof KeyCard && inside(now, within);
        if (!called && !(stayed && now == before)) {
            (stayed && usable(before) ? Optional.of(before) : nearest(within, place))
                    .or(() -> firstField(within))
                    .ifPresent(Node::requestFocus);
        }
    }

    /// The first thing in a part of the window that the keyboard can be on: a field to type into before all else.
    public static Optional<Node> firstField(Parent within) {
        List<Node> all = usableIn(within);
        return all.stream()
                .filter(TextInputControl.class::isInstance)
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    /// The first thing the keyboard can be on, in the first part of the window that a selector names.
    ///
    /// @param selector a style class with its dot; "*" for anything
    public static Optional<Node> first(Parent within, String selector) {
        Node there = within.lookup(selector);
        List<Node> all = usableIn(there instanceof Parent parent && !selector.equals("*") ? parent : within);
        return all.stream().findFirst();
    }

    private static Node owner(Scene scene) {
        return scene == null ? null : scene.getFocusOwner();
    }

    private static boolean inside(Node node, Parent within) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == within) {
                return true;
            }
        }
        return false;
    }

    /// What a node belongs to, part within part, the outermost first.
    private static List<String> place(Node node, Parent within) {
        Deque<String> place = new ArrayDeque<>();
        for (Node at = node; at != null && at != within; at = at.getParent()) {
            if (at.getProperties().get(FocusKeeper.class) instanceof Part part) {
                place.addFirst(PartKeys.place(part));
            }
        }
        return List.copyOf(place);
    }

    /// Notes on a node which part it draws.
    static void mark(Node node, Part part) {
        node.getProperties().put(FocusKeeper.class, part);
    }

    /// What shares most of a place: its innermost key first, then as many of those around it as there are.
    private static Optional<Node> nearest(Parent within, List<String> place) {
        record Near(Node node, int shared) {}
        return usableIn(within).stream()
                .map(node -> new Near(node, shared(place(node, within), place)))
                .filter(near -> near.shared() > 0)
                .max(Comparator.comparingInt(Near::shared))
                .map(Near::node);
    }

    private static int shared(List<String> there, List<String> wanted) {
        int outer = 0;
        while (outer < Math.min(there.size(), wanted.size()) && there.get(outer).equals(wanted.get(outer))) {
            outer++;
        }
        boolean same = !wanted.isEmpty() && !there.isEmpty() && there.getLast().equals(wanted.getLast());
        boolean named = same && PartKeys.named(wanted.getLast());
        return outer == wanted.size() && same ? 2_000 + outer : named ? 1_000 + outer : outer;
    }

    private static List<Node> usableIn(Parent within) {
        within.applyCss();
        List<Node> found = new ArrayList<>();
        add(within, found);
        return found;
    }

    private static void add(Parent parent, List<Node> found) {
        for (Node child : parent.getChildrenUnmodifiable()) {
            if (!child.isVisible() || child.isDisabled()) {
                continue;
            }
            if (child.isFocusTraversable()) {
                found.add(child);
            }
            if (child instanceof Parent inner) {
                add(inner, found);
            }
        }
    }

    private static boolean usable(Node node) {
        return !node.isDisabled()
                && Stream.iterate(node, at -> at != null, Node::getParent).allMatch(Node::isVisible);
    }
}
