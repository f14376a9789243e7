package io.answerback.core.model.power;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.RuleFigure;
import java.time.LocalDate;

/// The battery inside a wireless device.
///
/// @param pointId the point
/// @param fittedOn when it was fitted
public record DeviceBattery(PointId pointId, LocalDate fittedOn) {
    /// @throws IllegalArgumentException when a part is missing
    public DeviceBattery {
        Require.given(pointId, "point of a device's battery");
        Require.given(fittedOn, "date of the battery of point " + pointId);
    }

    /// The day it is to be replaced by the rules of a job.
    public LocalDate dueOn(Practice practice) {
        return fittedOn.plusMonths(Math.round(12 * practice.figure(RuleFigure.DEVICE_BATTERY_YEARS)));
    }
}
