package io.answerback.core.bus;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in the bus.
public final class BusChecklist {
    /// Every check, in the order in which their findings are given.
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
