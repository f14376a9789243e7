package io.answerback.core.setup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// The order in which entries are typed: what another needs first, and then whatever is nearest in the panel's
/// menus. What a new panel has already comes last.
final class WalkOrder {
    private WalkOrder() {}

    /// Entries in that order. Those that are equally near stay in the order of the catalogue.
    static List<EntryStep> of(List<EntryStep> steps) {
        List<EntryStep> left =
                new ArrayList<>(steps.stream().filter(EntryStep::differs).toList());
        List<EntryStep> ordered = new ArrayList<>();
        Set<String> waiting = new HashSet<>();
        left.forEach(step -> waiting.add(step.key()));
        List<String> at = List.of();
        while (!left.isEmpty()) {
            EntryStep next = nearest(left, waiting, at);
            left.remove(next);
            waiting.remove(next.key());
            ordered.add(next);
            at = menu(next);
        }
        steps.stream().filter(step -> !step.differs()).forEach(ordered::add);
        return ordered;
    }

    /// @param waiting the keys of the entries that are still to come
    private static EntryStep nearest(List<EntryStep> left, Set<String> waiting, List<String> at) {
        EntryStep best = null;
        int least = Integer.MAX_VALUE;
        for (EntryStep step : left) {
            boolean free = step.setting().after().stream().noneMatch(id -> waits(step, id, waiting));
            int levels = free ? MenuPaths.levels(at, menu(step)) : Integer.MAX_VALUE;
            if (levels < least) {
                best = step;
                least = levels;
            }
        }
        return best == null ? left.getFirst() : best;
    }

    /// Whether a setting that has to be typed before an entry is still to come, for the same number or the
    /// whole panel.
    private static boolean waits(EntryStep step, String before, Set<String> waiting) {
        return waiting.contains(before + " " + step.number()) || waiting.contains(before + " 0");
    }

    /// The menu an entry is in: the way to it without what is chosen there last.
    private static List<String> menu(EntryStep step) {
        List<String> where = step.where();
        return where.isEmpty() ? where : where.subList(0, where.size() - 1);
    }

    /// Entries zone by zone and area by area, as one thinks of them.
    static List<EntryStep> byNumber(List<EntryStep> steps) {
        return steps.stream()
                .sorted(Comparator.comparing((EntryStep step) -> step.setting().scope())
                        .thenComparingInt(EntryStep::number))
                .toList();
    }

    /// How many levels one walks up and down to type the open ones of some entries in their order.
    static int levels(List<EntryStep> steps) {
        List<String> at = List.of();
        int levels = 0;
        for (EntryStep step : steps) {
            if (step.toType()) {
                levels += MenuPaths.levels(at, menu(step));
                at = menu(step);
            }
        }
        return levels;
    }
}
