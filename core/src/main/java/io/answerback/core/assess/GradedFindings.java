package io.answerback.core.assess;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Stop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Findings sorted by their grade and then by their stop.
///
/// @param alike those of one grade and stop, in the order they were found; worst grade first, then in the order
///     of work
record GradedFindings(List<List<Finding>> alike) {
    private static final int STOPS = Stop.values().length;
    private static final int GRADES = Grade.values().length;

    static GradedFindings of(List<Finding> findings) {
        List<List<Finding>> alike = empty();
        for (Finding finding : findings) {
            alike.get(place(finding.grade(), finding.stop())).add(finding);
        }
        return new GradedFindings(alike.stream().map(List::copyOf).toList());
    }

    private static List<List<Finding>> empty() {
        return Stream.generate(() -> (List<Finding>) new ArrayList<Finding>())
                .limit((long) GRADES * STOPS)
                .toList();
    }

    private static int place(Grade grade, Stop stop) {
        return (GRADES - 1 - grade.ordinal()) * STOPS + stop.ordinal();
    }

    /// All of these: worst first, then in the order of work, then in the order in which they are given.
    static List<Finding> sorted(List<GradedFindings> groups) {
        List<Finding> sorted =
                new ArrayList<>(groups.stream().mapToInt(GradedFindings::size).sum());
        for (int place = 0; place < GRADES * STOPS; place++) {
            for (GradedFindings group : groups) {
                sorted.addAll(group.alike.get(place));
            }
        }
        return List.copyOf(sorted);
    }

    private int size() {
        return alike.stream().mapToInt(List::size).sum();
    }

    /// The worst grade among all of these at each stop, in the order of work; empty where nothing is found.
    static List<Optional<Grade>> worst(List<GradedFindings> groups) {
        return Stream.of(Stop.values())
                .map(stop -> Stream.of(Grade.WRONG, Grade.TIGHT, Grade.NOTE)
                        .filter(grade -> groups.stream()
                                .anyMatch(group ->
                                        !group.alike.get(place(grade, stop)).isEmpty()))
                        .findFirst())
                .toList();
    }
}
