package io.answerback.core.panel.operation;

import java.util.AbstractList;
import java.util.Arrays;
import java.util.Optional;

/// Everything that runs in a panel, the next to end first; each sort at most once for a number. Never changes.
public final class Timers extends AbstractList<Timer> {
    /// Nothing runs.
    public static final Timers NONE = new Timers(new Timer[0]);

    private final Timer[] sorted;

    private Timers(Timer[] sorted) {
        this.sorted = sorted;
    }

    @Override
    public Timer get(int index) {
        return sorted[index];
    }

    @Override
    public int size() {
        return sorted.length;
    }

    /// What of a sort runs for a number; empty where nothing does.
    public Optional<Timer> find(Timer.Kind kind, int number) {
        int at = indexOf(kind, number);
        return at < 0 ? Optional.empty() : Optional.of(sorted[at]);
    }

    boolean runs(Timer.Kind kind, int number) {
        return indexOf(kind, number) >= 0;
    }

    private int indexOf(Timer.Kind kind, int number) {
        for (int i = 0; i < sorted.length; i++) {
            if (sorted[i].kind() == kind && sorted[i].number() == number) {
                return i;
            }
        }
        return -1;
    }

    /// The same with one that runs from now on, instead of its like.
    Timers with(Timer timer) {
        int old = indexOf(timer.kind(), timer.number());
        Timer[] next = old < 0 ? Arrays.copyOf(sorted, sorted.length + 1) : sorted.clone();
        next[old < 0 ? sorted.length : old] = timer;
        Arrays.sort(next);
        return new Timers(next);
    }

    /// The same without one; itself where that does not run.
    Timers without(Timer.Kind kind, int number) {
        int old = indexOf(kind, number);
        if (old < 0) {
            return this;
        }
        Timer[] next = new Timer[sorted.length - 1];
        System.arraycopy(sorted, 0, next, 0, old);
        System.arraycopy(sorted, old + 1, next, old, next.length - old);
        return new Timers(next);
    }
}
