package io.answerback.desktop.part;

import java.util.ArrayList;
import java.util.List;

/// Collects parts one by one, until they are shown together. What is collected in another of its sort is asked
/// for only then.
public final class Parts implements Showable {
    private final Group.Layout layout;
    private final List<Showable> parts = new ArrayList<>();
    private final List<String> styles = new ArrayList<>();

    private Parts(Group.Layout layout, Showable... first) {
        this.layout = layout;
        parts.addAll(List.of(first));
    }

    /// Parts that will stand one below the other.
    public static Parts column(Showable... first) {
        return new Parts(Group.Layout.COLUMN, first);
    }

    /// Parts that will stand side by side on one line.
    public static Parts row(Showable... first) {
        return new Parts(Group.Layout.ROW, first);
    }

    /// Parts that will stand side by side on as many lines as they need.
    public static Parts flow(Showable... first) {
        return new Parts(Group.Layout.FLOW, first);
    }

    /// Adds parts behind.
    public Parts add(Showable... more) {
        parts.addAll(List.of(more));
        return this;
    }

    /// Adds parts behind.
    public Parts add(List<? extends Showable> more) {
        parts.addAll(more);
        return this;
    }

    /// Takes these in place of all.
    public Parts set(Showable... others) {
        return set(List.of(others));
    }

    /// Takes these in place of all.
    public Parts set(List<? extends Showable> others) {
        parts.clear();
        parts.addAll(others);
        return this;
    }

    /// Drops all.
    public void clear() {
        parts.clear();
    }

    /// Adds styles.
    public Parts style(String... more) {
        styles.addAll(List.of(more));
        return this;
    }

    @Override
    public Part asPart() {
        return group();
    }

    /// What there is so far.
    public List<Part> list() {
        return parts.stream().map(Showable::asPart).toList();
    }

    /// The parts as they stand together.
    public Group group() {
        return Group.of(layout, list()).style(styles.toArray(String[]::new));
    }
}
