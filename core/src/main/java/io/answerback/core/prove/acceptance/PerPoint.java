package io.answerback.core.prove.acceptance;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;

/// What belongs to each line of one point.
///
/// @param device of its line as a device
/// @param cover of its cover; empty where its loop watches none
/// @param mask of its masking; empty where its loop watches none
record PerPoint<T>(T device, Optional<T> cover, Optional<T> mask) {
    <S> PerPoint<S> map(Function<T, S> each) {
        return new PerPoint<>(each.apply(device), cover.map(each), mask.map(each));
    }

    void each(Consumer<T> taken) {
        taken.accept(device);
        cover.ifPresent(taken);
        mask.ifPresent(taken);
    }

    /// Of several points: every device, then every cover, then all masking.
    static <T> Stream<T> inOrder(List<PerPoint<T>> points) {
        return Stream.of(
                        points.stream().map(PerPoint::device),
                        points.stream().flatMap(its -> its.cover().stream()),
                        points.stream().flatMap(its -> its.mask().stream()))
                .flatMap(its -> its);
    }
}
