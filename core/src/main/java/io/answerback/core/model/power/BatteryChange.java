package io.answerback.core.model.power;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import java.time.LocalDate;

/// A battery that was taken out.
///
/// @param battery as it was
/// @param replacedOn when another took its place
public record BatteryChange(Battery battery, LocalDate replacedOn) {
    /// @throws IllegalArgumentException when a part is missing
    public BatteryChange {
        Require.given(battery, "battery that was taken out");
        Require.given(replacedOn, Text.of("day the battery of %s was replaced", battery.module()));
    }
}
