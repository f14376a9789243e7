package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.setup.Intent;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What the programming means for trying a point: how often, how long, and after how many it is left out.
///
/// @param entrySeconds of each area that has a zone, how long its entry takes
/// @param verifiesFire whether fire has to be seen twice
/// @param twoKnocks the zones that have to be opened twice
/// @param mostAlarms after how many alarms a zone is left out; empty for never
record AlarmManner(
        Map<Integer, Double> entrySeconds, boolean verifiesFire, Set<Integer> twoKnocks, Optional<Integer> mostAlarms) {
    static final Fact<AlarmManner> FACT = Fact.of("manner of alarms", AlarmManner::of);

    private static AlarmManner of(Facts facts) {
        Intent intent = new Intent(facts);
        return new AlarmManner(
                facts.zones().stream()
                        .flatMap(zone -> zone.area().stream())
                        .distinct()
                        .collect(Collectors.toMap(area -> area, intent::entrySeconds)),
                intent.verifiesFire(),
                facts.zones().stream()
                        .map(Zone::number)
                        .filter(intent::needsTwoKnocks)
                        .collect(Collectors.toSet()),
                intent.mostAlarms());
    }
}
