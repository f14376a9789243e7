package io.answerback.core.wiring.cores;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.practice.CoreUse;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Some cables of a job, with their ends by the box they come to and the cables by what they carry.
///
/// @param placed the cables, in the order of the job
/// @param ends the ends that come to each box, in that order; boxes in the order in which they were first met
/// @param carrying the cables that are to carry a core for a use
record SomeLocations(List<LocatedCable> placed, Map<BoxId, List<OrderedEnd>> ends, Map<CoreUse, List<Cable>> carrying) {
    /// An end with its place among those that come to the same box.
    record OrderedEnd(ConnectedEnd end, int order) {
        OrderedEnd(ConnectedEnd end) {
            this(end, orderOf(end));
        }

        /// In the order of the inputs, second zones after first; what brings no loop comes last.
        private static int orderOf(ConnectedEnd one) {
            return one.loops().stream()
                    .filter(loop -> loop.input() != null && one.near())
                    .mapToInt(loop -> 2 * loop.input().number() + (loop.input().second() ? 1 : 0))
                    .min()
                    .orElse(Integer.MAX_VALUE);
        }
    }

    static SomeLocations of(List<LocatedCable> placed) {
        SomeLocations some = new SomeLocations(placed, new LinkedHashMap<>(), new EnumMap<>(CoreUse.class));
        placed.forEach(some::add);
        return some;
    }

    private void add(LocatedCable one) {
        Cable cable = one.cable();
        one.begins().ifPresent(box -> add(box, one.near()));
        if (cable.ends().points().isEmpty()) {
            add(cable.ends().farBox().orElseThrow(), one.near().otherEnd());
        }
        one.share()
                .uses()
                .forEach(use ->
                        carrying.computeIfAbsent(use, key -> new ArrayList<>()).add(cable));
    }

    private void add(BoxId box, ConnectedEnd end) {
        ends.computeIfAbsent(box, key -> new ArrayList<>()).add(new OrderedEnd(end));
    }

    /// The ends of all these at each box, in the order of the inputs.
    ///
    /// @param first the boxes that come first
    static Map<BoxId, List<ConnectedEnd>> ends(List<SomeLocations> groups, List<? extends BoxId> first) {
        Map<BoxId, List<OrderedEnd>> all = new LinkedHashMap<>();
        first.forEach(box -> all.put(box, new ArrayList<>()));
        groups.forEach(some -> some.ends.forEach((box, list) ->
                all.computeIfAbsent(box, key -> new ArrayList<>()).addAll(list)));
        Map<BoxId, List<ConnectedEnd>> sorted = new LinkedHashMap<>();
        all.forEach((box, list) -> sorted.put(box, sorted(list)));
        return sorted;
    }

    private static List<ConnectedEnd> sorted(List<OrderedEnd> ends) {
        ends.sort(Comparator.comparingInt(OrderedEnd::order));
        return ends.stream().map(OrderedEnd::end).toList();
    }

    /// The cables of all these that are to carry a core for a use, in the order of the job.
    static List<Cable> carrying(List<SomeLocations> groups, CoreUse use) {
        return groups.stream()
                .flatMap(some -> some.carrying.getOrDefault(use, List.of()).stream())
                .toList();
    }
}
