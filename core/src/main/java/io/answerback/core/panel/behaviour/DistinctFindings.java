package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.finding.Finding;
import java.util.LinkedHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Keeps the first of the findings that have one name: a point that is passed on several ways is found once.
final class DistinctFindings {
    private DistinctFindings() {}

    static Stream<Finding> of(Stream<Finding> findings) {
        return findings
                .collect(
                        Collectors.toMap(Finding::id, Function.identity(), (first, again) -> first, LinkedHashMap::new))
                .values()
                .stream();
    }
}
