package io.answerback.core.survey.takeover;

import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.model.site.Parts;
import java.util.Comparator;
import java.util.Optional;

/// What readings taken at an old loop say about it.
///
/// @param form what its contact does at rest; empty while it was not measured both ways
/// @param resistorOhms the resistor fitted in it as marked, in ohms, by the nearest E24 value; empty when there
///     is none or none was measured
/// @param noResistor whether the closed loop reads so little that there is no resistor in it
public record FoundLoop(Optional<ContactForm> form, Optional<Double> resistorOhms, boolean noResistor) {
    /// A closed loop below this has no resistor: it is more than the longest runs of thin cable come to.
    private static final double NO_RESISTOR_OHMS = 150;

    /// Two states of one contact differ by at least this factor.
    private static final double CLEARLY = 1.5;

    /// What the latest reading of each sort says about a point's loop.
    public static FoundLoop of(Parts job, PointId pointId) {
        Optional<Measurement> rest = latest(job, pointId, Measured.LOOP_AT_REST);
        Optional<Measurement> active = latest(job, pointId, Measured.LOOP_ACTIVE);
        Optional<Double> resistor = latest(job, pointId, Measured.RESISTOR)
                .flatMap(Measurement::ohms)
                .or(() -> closedOhms(rest, active).filter(ohms -> ohms >= NO_RESISTOR_OHMS))
                .filter(ohms -> ohms >= 1 && ohms <= 1e7)
                .map(PreferredValues.E24::nearest);
        boolean none = latest(job, pointId, Measured.RESISTOR).isEmpty()
                && closedOhms(rest, active)
                        .filter(ohms -> ohms < NO_RESISTOR_OHMS)
                        .isPresent();
        return new FoundLoop(form(rest, active), none ? Optional.empty() : resistor, none);
    }

    private static Optional<Measurement> latest(Parts job, PointId pointId, Measured what) {
        return job.measurements().stream()
                .filter(reading -> reading.pointId().equals(pointId) && reading.what() == what)
                .max(Comparator.comparing(Measurement::at));
    }

    /// The lower of the two states is the one with the contact closed.
    private static Optional<Double> closedOhms(Optional<Measurement> rest, Optional<Measurement> active) {
        Optional<Double> one = rest.flatMap(Measurement::ohms);
        Optional<Double> two = active.flatMap(Measurement::ohms);
        return one.isPresent() && two.isPresent() ? Optional.of(Math.min(one.get(), two.get())) : one.or(() -> two);
    }

    private static Optional<ContactForm> form(Optional<Measurement> rest, Optional<Measurement> active) {
        if (rest.isEmpty() || active.isEmpty()) {
            return Optional.empty();
        }
        double atRest = rest.get().ohms().orElse(Double.POSITIVE_INFINITY);
        double whenActive = active.get().ohms().orElse(Double.POSITIVE_INFINITY);
        if (whenActive > Math.max(1, atRest) * CLEARLY) {
            return Optional.of(ContactForm.NORMALLY_CLOSED);
        }
        return atRest > Math.max(1, whenActive) * CLEARLY ? Optional.of(ContactForm.NORMALLY_OPEN) : Optional.empty();
    }

    /// Whether anything was found.
    public boolean nothing() {
        return form.isEmpty() && resistorOhms.isEmpty() && !noResistor;
    }
}
