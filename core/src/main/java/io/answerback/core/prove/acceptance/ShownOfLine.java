package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.shown.Showing;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// What was shown of one line, and what a walk found of it.
///
/// @param showings each way once
/// @param found what stands; empty for nothing
record ShownOfLine(List<Showing> showings, Optional<FoundOnWalk> found) {
    /// Of the line with an id. Found by an index, so that a line more costs only itself.
    static final FactOf<String, ShownOfLine> FACT = FactOf.each(
            "what was shown of a line",
            (facts, id) -> new ShownOfLine(
                    facts.of(ShownOfLine.SHOWINGS).getOrDefault(id, List.of()),
                    Optional.ofNullable(facts.of(ShownOfLine.FOUND).get(id))));

    private static final Fact<Map<String, List<Showing>>> SHOWINGS = Fact.of(
            "what was shown of every line",
            facts -> facts.acceptance().showings().stream()
                    .collect(Collectors.groupingBy(Showing::lineId, LinkedHashMap::new, Collectors.toList())));
    private static final Fact<Map<String, FoundOnWalk>> FOUND =
            Fact.of("what walks found of every line", ShownOfLine::found);

    private static Map<String, FoundOnWalk> found(Facts facts) {
        Map<String, FoundOnWalk> found = new LinkedHashMap<>();
        facts.acceptance().found().stream()
                .filter(FoundOnWalk::stands)
                .forEach(its -> found.putIfAbsent(its.lineId(), its));
        return found;
    }
}
