package io.answerback.core.loop.radio;

import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.DeviceBattery;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.SignalReading;
import java.util.Optional;

/// Something the panel is to hear by radio: a wireless device, or a wired point through a converter.
///
/// @param pointId the point
/// @param title the point's number and name
/// @param input the input its zone is planned on
/// @param converter the converter that sends for it; empty for a device that sends itself
/// @param enrolment how it is enrolled; empty while it is not
/// @param order its place in the order of enrolment, from 1; 0 while it is not enrolled
/// @param reading how strongly it, or its converter, was heard last; empty while that was not measured
/// @param overFloorDecibels how far that is over the weakest signal that is heard, in decibels; negative
///     below it
/// @param battery the battery inside; empty for a converter's, and while nobody has said when it was fitted
public record Sender(
        PointId pointId,
        String title,
        Input input,
        Optional<ModuleId> converter,
        Optional<Enrolment> enrolment,
        int order,
        Optional<SignalReading> reading,
        Optional<Double> overFloorDecibels,
        Optional<DeviceBattery> battery) {
    /// Whose signal is measured: the point's, or the converter's.
    public FedId part() {
        return part(converter, pointId);
    }

    static FedId part(Optional<ModuleId> converter, PointId pointId) {
        return converter.isPresent() ? converter.get() : pointId;
    }

    /// Whether the panel gave it another zone than the plan has.
    public boolean outOfPlace() {
        return enrolment.filter(its -> its.zone() != input.zone()).isPresent();
    }

    /// Whether it was heard too weakly to be promised to be heard again.
    public boolean lost() {
        return overFloorDecibels.filter(its -> its < 0).isPresent();
    }

    /// Whether it is enrolled where it is planned, and was heard with a margin.
    ///
    /// @param marginDecibels the least margin, in decibels
    public boolean settled(double marginDecibels) {
        return enrolment.isPresent()
                && !outOfPlace()
                && overFloorDecibels.filter(its -> its >= marginDecibels).isPresent();
    }
}
