package io.answerback.core.model.common;

import java.util.ArrayList;
import java.util.List;

/// Keeps the objects that were there before wherever what comes after is equal, so that it can be told by
/// identity what an edit has changed.
public final class Unchanged {
    private Unchanged() {}

    /// The value before, where the one now is equal to it.
    public static <T> T value(T before, T now) {
        return now == before || now == null || !now.equals(before) ? now : before;
    }

    /// The list before, where the one now is equal to it; else the list now, with the things that were in the
    /// same place before where they are equal.
    public static <T> List<T> list(List<T> before, List<T> now) {
        if (now == before || now == null) {
            return now;
        }
        List<T> kept = new ArrayList<>(now);
        int common = Math.min(before.size(), now.size());
        boolean same = before.size() == now.size();
        for (int i = 0; i < common; i++) {
            kept.set(i, value(before.get(i), now.get(i)));
            same &= kept.get(i) == before.get(i);
        }
        return same ? before : kept;
    }
}
