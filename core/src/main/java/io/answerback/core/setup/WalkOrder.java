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

    /// An entry that is still to be typed, and the menu it is in.
    private record Left(EntryStep step, List<String> menu) {}

    /// Entries in that order. Those that are equally near stay in the order of the catalogue.
    static List<EntryStep> of(List<EntryStep> steps) {
        List<Left> left = new ArrayList<>();
        Set<String> waiting = new HashSet<>();
        steps.stream().filter(EntryStep::differs).forEach(step -> {
            left.add(new Left(step, menu(step)));
            waiting.add(step.key());
        });
        List<EntryStep> ordered = new ArrayList<>();
        List<String> at = List.of();
        while (!left.isEmpty()) {
            Left next = left.remove(nearest(left, waiting, at));
            waiting.remove(next.step().key());
            ordered.add(next.step());
            at = next.menu();
        }
        steps.stream().filter(step -> !step.differs()).forEach(ordered::add);
        return ordered;
    }

    /// The place of the nearest entry; of the first where every one has to wait for another.
    ///
    /// @param waiting the keys of the entries that are still to come
    private static int nearest(List<Left> left, Set<String> waiting, List<String> at) {
        int best = 0;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < left.size() && least > 0; i++) {
            int levels = MenuPaths.levels(at, left.get(i).menu());
            if (levels < least && free(left.get(i).step(), waiting)) {
                best = i;
                least = levels;
            }
        }
        return best;
    }

    private static boolean free(EntryStep step, Set<String> waiting) {
        return step.setting().after().stream().noneMatch(id -> waits(step, id, waiting));
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
        return walked(steps.stream().filter(EntryStep::toType).toList());
    }

    /// How many levels one walks up and down to get to entries in their order.
    static int walked(List<EntryStep> steps) {
        List<String> at = List.of();
        int levels = 0;
        for (EntryStep step : steps) {
            levels += MenuPaths.levels(at, menu(step));
            at = menu(step);
        }
        return levels;
    }
}
