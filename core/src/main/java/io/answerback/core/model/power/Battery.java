package io.answerback.core.model.power;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Optional;

/// The battery of one supply, as it is fitted or planned.
///
/// @param module the module whose supply it stands behind
/// @param ampHours the rated capacity of one, at 20 hours, in ampere-hours
/// @param parallel how many of them are in parallel
/// @param coldestCelsius how cold it gets where it stands, in degrees Celsius
/// @param fittedOn when it was fitted; empty while it is planned or not known
@RecordBuilder
public record Battery(
        ModuleId module, double ampHours, int parallel, double coldestCelsius, Optional<LocalDate> fittedOn)
        implements BatteryBuilder.With {
    /// @throws IllegalArgumentException when the module is not named or a figure is out of bounds
    public Battery {
        Require.given(module, "module of a battery");
        Require.within(ampHours, 0.5, 500, Text.of("capacity of the battery of %s in ampere-hours", module));
        Require.within(parallel, 1, 4, "batteries in parallel in " + module);
        Require.within(coldestCelsius, -40, 60, Text.of("coldest temperature at the battery of %s in °C", module));
        fittedOn = fittedOn == null ? Optional.empty() : fittedOn;
    }

    /// The rated capacity of all of them, in ampere-hours.
    public double ratedAmpHours() {
        return ampHours * parallel;
    }

    /// The day a battery is to be replaced by the rules of a job.
    ///
    /// @param fitted the day it was fitted
    public static LocalDate dueOn(LocalDate fitted, Practice practice) {
        return fitted.plusMonths(Math.round(12 * practice.figure(RuleFigure.BATTERY_YEARS)));
    }
}
