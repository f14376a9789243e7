package io.answerback.core.supply;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on supplies.
public final class SupplyChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new SupplyTerminalOverloaded(),
            new SupplyUnknown(),
            new BatteryMissing(),
            new BatteryShort(),
            new BatteryDue(),
            new ChargerTooStrong(),
            new SupplyDropUnknown(),
            new SupplyOverloaded(),
            new OutputOverloaded(),
            new BusOverloaded(),
            new SoundOutputOverloaded(),
            new SirenTime(),
            new SupplyUnwatched(),
            new SupplyFaultsShareAPoint(),
            new BatteryHot(),
            new FarVoltsShort(),
            new LeastVoltsUnknown(),
            new SupplyInCircle(),
            new SupplyReadingOff());

    private SupplyChecklist() {}
}
