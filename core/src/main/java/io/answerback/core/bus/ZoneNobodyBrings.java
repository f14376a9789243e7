package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import java.util.List;
import java.util.stream.Stream;

/// A zone that is programmed though no input on site brings it: it reads open, and the area cannot be set.
public final class ZoneNobodyBrings implements JobCheck {
    /// A zone is programmed and has no input.
    public static final Rule RULE = new Rule(
            "zone-nobody-brings",
            Stop.BUS,
            Grade.WRONG,
            "A zone is programmed and has no input.",
            "It reads open, and its area cannot be set.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(BusState.FACT).zones().lines().stream()
                .filter(line -> line.source().isEmpty())
                .filter(line -> line.programmed()
                        .filter(zone -> zone.type() != ZoneType.NOT_USED)
                        .isPresent())
                .map(line -> RULE.finds(
                                new Target.OfJob(),
                                Text.of("Zone %02d is programmed and has no input", line.zone()),
                                "The panel looks for an input that is not there: the zone stays open and its area cannot be made to watch.",
                                "Switch the zone off, or fit the module that brings it.")
                        .of(line.zone()));
    }
}
