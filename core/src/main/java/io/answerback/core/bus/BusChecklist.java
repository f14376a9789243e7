package io.answerback.core.bus;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on the bus.
public final class BusChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new AddressUndecided(),
            new AddressTwice(),
            new ListensForAreas(),
            new AddressUnfit(),
            new LearnedUnlikeWall(),
            new ServiceKeypadOn(),
            new ZoneReadElsewhere(),
            new ZoneNobodyBrings(),
            new BusCable(),
            new BusTerminator());

    private BusChecklist() {}
}
