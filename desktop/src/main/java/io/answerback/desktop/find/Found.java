package io.answerback.desktop.find;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;

/// What is found among all there is, nearest first; things that are equally near stay in their order.
public final class Found {
    private Found() {}

    /// @param most how many at the most
    public static List<Hit> of(String typed, Stream<Hit> all, int most) {
        Wanted wanted = Wanted.of(typed);
        return all.map(hit -> new Near(hit, wanted.distance(hit.title(), hit.about(), hit.words())))
                .filter(near -> near.distance().isPresent())
                .sorted(Comparator.comparingInt(near -> near.distance().getAsInt()))
                .limit(most)
                .map(Near::hit)
                .toList();
    }

    private record Near(Hit hit, OptionalInt distance) {}
}
