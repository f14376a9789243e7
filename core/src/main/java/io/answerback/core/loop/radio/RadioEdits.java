package io.answerback.core.loop.radio;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.DeviceBattery;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Radio;
import io.answerback.core.model.site.SignalReading;
import java.time.LocalDate;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// Edits to what the panel hears by radio.
public final class RadioEdits {
    private RadioEdits() {}

    /// The panel enrols a sender: it gets the zone the panel's way of numbering gives it, whatever the plan
    /// says.
    ///
    /// @throws IllegalArgumentException when applied and there is no such input, it is enrolled already, or no
    ///     wireless zone is left
    public static Edit enrol(InputId inputId) {
        return new Edit("enrolment", inputId, job -> {
            Input input = input(job, inputId);
            if (job.radio().enrolment(inputId).isPresent()) {
                throw new IllegalArgumentException(
                        Text.of("%s is enrolled already; delete it first", job.nameOf(input)));
            }
            int zone = RadioState.zoneGiven(job, input)
                    .orElseThrow(() -> new IllegalArgumentException(
                            Text.of("the panel has no wireless zone left for %s", job.nameOf(input))));
            return job.withRadio(job.radio().withEnrolled(old -> with(old, new Enrolment(inputId, zone))));
        });
    }

    /// The panel shows a sender under another zone than was thought.
    ///
    /// @throws IllegalArgumentException when applied and the panel has no such wireless zone, or another is
    ///     enrolled under it
    public static Edit enrolledUnder(InputId inputId, int zone) {
        return new Edit("zone of the enrolment", inputId, job -> {
            if (RadioPlaces.zones(job).noneMatch(its -> its == zone)) {
                throw new IllegalArgumentException(Text.of(
                        "the panel has no wireless zone %d; it has %s",
                        zone, RadioPlaces.zones(job).boxed().toList()));
            }
            return job.withRadio(job.radio()
                    .withEnrolled(old -> old.stream()
                            .map(its -> its.inputId().equals(inputId) ? new Enrolment(inputId, zone) : its)
                            .toList()));
        });
    }

    /// The panel forgets what it has enrolled for an input.
    public static Edit delete(InputId inputId) {
        return radio(
                "enrolment of " + inputId,
                radio -> radio.withEnrolled(old -> old.stream()
                        .filter(its -> !its.inputId().equals(inputId))
                        .toList()));
    }

    /// The plan takes the zone the panel gave a sender, with what is programmed; whoever is planned there takes
    /// this one's.
    ///
    /// @throws IllegalArgumentException when applied and the input is not there or not enrolled
    public static Edit follow(InputId inputId) {
        return new Edit("zone", inputId, job -> {
            Input input = input(job, inputId);
            int given = job.radio()
                    .enrolment(inputId)
                    .orElseThrow(() -> new IllegalArgumentException(job.nameOf(input) + " is not enrolled"))
                    .zone();
            return swapped(job, input.zone(), given);
        });
    }

    private static Job swapped(Job job, int one, int other) {
        UnaryOperator<Integer> swap = zone -> zone == one ? other : zone == other ? one : zone;
        return job.withInputs(job.inputs().stream()
                        .map(input -> input.withZone(swap.apply(input.zone())))
                        .toList())
                .withZones(job.zones().stream()
                        .map(zone -> zone.withNumber(swap.apply(zone.number())))
                        .toList());
    }

    /// A device or converter was heard so at a test.
    public static Edit heard(SignalReading reading) {
        return radio("signal", reading.part(), radio -> radio.withReading(reading));
    }

    /// A reading is taken back.
    public static Edit unheard(SignalReading reading) {
        return radio("signal", reading.part(), radio -> radio.withoutReading(reading));
    }

    /// A battery was fitted in a wireless device.
    public static Edit battery(PointId pointId, LocalDate fittedOn) {
        return radio("battery of point " + pointId, radio -> radio.withBattery(new DeviceBattery(pointId, fittedOn)));
    }

    private static Edit radio(String what, FedId of, UnaryOperator<Radio> change) {
        return new Edit(what, of, job -> job.withRadio(change.apply(job.radio())));
    }

    private static Edit radio(String name, UnaryOperator<Radio> change) {
        return new Edit(name, job -> job.withRadio(change.apply(job.radio())));
    }

    private static Input input(Job job, InputId inputId) {
        return job.inputs().stream()
                .filter(input -> input.id().equals(inputId))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no input " + inputId));
    }

    private static <T> List<T> with(List<T> parts, T more) {
        return Stream.concat(parts.stream(), Stream.of(more)).toList();
    }
}
