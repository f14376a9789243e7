package io.answerback.core.model.site;

import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.DeviceBattery;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// What the panel hears by radio on this site.
///
/// @param enrolled what the panel has enrolled, in the order in which that was done
/// @param readings how strongly devices and converters were heard, oldest first
/// @param batteries the batteries inside wireless devices, at most one a point
public record Radio(List<Enrolment> enrolled, List<SignalReading> readings, List<DeviceBattery> batteries) {
    /// Nothing enrolled, nothing measured.
    public static final Radio UNDECIDED = new Radio(List.of(), List.of(), List.of());

    /// @throws IllegalArgumentException when an input or a zone is enrolled twice, or a device has two
    ///     batteries
    public Radio {
        enrolled =
                Keyed.of(enrolled == null ? List.of() : enrolled, Enrolment::inputId, "enrolled", "enrolment of input");
        Keyed.of(enrolled, its -> Integer.toString(its.zone()), "enrolled", "enrolment under zone");
        readings = List.copyOf(readings == null ? List.of() : readings);
        batteries = Keyed.of(
                batteries == null ? List.of() : batteries, DeviceBattery::pointId, "batteries", "battery of point");
    }

    /// How an input is enrolled; empty for one that is not.
    public Optional<Enrolment> enrolment(InputId inputId) {
        return enrolled.stream().filter(its -> its.inputId().equals(inputId)).findFirst();
    }

    /// The newest reading of a part, a point's number or a converter's name; empty while there is none.
    public Optional<SignalReading> latest(FedId part) {
        return readings.stream()
                .filter(reading -> reading.part().equals(part))
                .reduce((one, other) -> other.at().isBefore(one.at()) ? one : other);
    }

    /// The battery inside a wireless device; empty while nobody has said when it was fitted.
    public Optional<DeviceBattery> battery(PointId pointId) {
        return batteries.stream()
                .filter(battery -> battery.pointId().equals(pointId))
                .findFirst();
    }

    /// The same with something else enrolled.
    public Radio withEnrolled(UnaryOperator<List<Enrolment>> change) {
        return new Radio(change.apply(enrolled), readings, batteries);
    }

    /// The same with one more reading.
    public Radio withReading(SignalReading more) {
        return new Radio(
                enrolled, Stream.concat(readings.stream(), Stream.of(more)).toList(), batteries);
    }

    /// The same without a reading.
    public Radio withoutReading(SignalReading less) {
        return new Radio(
                enrolled,
                readings.stream().filter(reading -> !reading.equals(less)).toList(),
                batteries);
    }

    /// The same with a battery in place of the one its device has.
    public Radio withBattery(DeviceBattery fitted) {
        Stream<DeviceBattery> rest =
                batteries.stream().filter(battery -> !battery.pointId().equals(fitted.pointId()));
        return new Radio(
                enrolled, readings, Stream.concat(rest, Stream.of(fitted)).toList());
    }

    /// The same with points under other numbers, which keep what is known of them.
    public Radio withPoints(UnaryOperator<PointId> renamed) {
        return new Radio(
                enrolled,
                readings.stream()
                        .map(reading -> reading.part() instanceof PointId point
                                ? reading.withPart(renamed.apply(point))
                                : reading)
                        .toList(),
                batteries.stream()
                        .map(battery -> new DeviceBattery(renamed.apply(battery.pointId()), battery.fittedOn()))
                        .toList());
    }

    /// The same without what was measured and fitted at some points; what the panel has enrolled it keeps.
    public Radio withoutPoints(Collection<PointId> points) {
        return new Radio(
                enrolled,
                readings.stream()
                        .filter(reading -> !(reading.part() instanceof PointId point && points.contains(point)))
                        .toList(),
                batteries.stream()
                        .filter(battery -> !points.contains(battery.pointId()))
                        .toList());
    }
}
