package io.answerback.core.panel;

import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.SignalReading;
import java.time.Duration;
import java.util.Optional;

/// What a panel hears by radio: which inputs are enrolled, and under which zone it knows them.
///
/// @param job the site's programming
record RadioView(Parts job) {
    /// Whether an input reaches the panel by radio.
    boolean carries(Input input) {
        return RadioPlaces.byRadio(job, input)
                || RadioPlaces.converter(job, input).isPresent();
    }

    /// Why the panel does not hear an input; empty when it does, and for one on wires. A converter's inputs are
    /// taken to be enrolled while nobody has said that any of them is.
    Optional<String> deafTo(Input input) {
        if (!carries(input)) {
            return Optional.empty();
        }
        boolean device = RadioPlaces.byRadio(job, input);
        if ((device || anyOf(input.module()))
                && job.radio().enrolment(input.id()).isEmpty()) {
            return Optional.of(Text.of("the panel has not enrolled %s: it does not listen to it", job.nameOf(input)));
        }
        Optional<? extends FedId> part = device ? input.pointId() : Optional.of(input.module());
        return part.flatMap(job.radio()::latest)
                .filter(reading -> tooWeak(reading))
                .map(reading -> Text.of(
                        "heard at %.0f dBm, below the %.0f dBm the panel hears",
                        reading.decibelMilliwatts(),
                        job.panel().profile().radio().orElseThrow().floorDecibelMilliwatts()));
    }

    private boolean tooWeak(SignalReading reading) {
        return job.panel()
                .profile()
                .radio()
                .filter(rule -> reading.decibelMilliwatts() < rule.floorDecibelMilliwatts())
                .isPresent();
    }

    private boolean anyOf(ModuleId module) {
        return job.inputs().stream()
                .anyMatch(input -> input.module().equals(module)
                        && job.radio().enrolment(input.id()).isPresent());
    }

    /// The zone under which the panel knows an input: the one it was enrolled under, else its own.
    int zone(Input input) {
        return job.radio().enrolment(input.id()).map(Enrolment::zone).orElse(input.zone());
    }

    /// How long the panel waits for a sign of life before it misses a wireless input; empty for one without
    /// radio.
    Optional<Duration> patience() {
        return job.panel().profile().radio().map(RadioRule::supervisionMinutes).map(Duration::ofMinutes);
    }
}
