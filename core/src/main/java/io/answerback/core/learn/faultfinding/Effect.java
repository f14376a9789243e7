package io.answerback.core.learn.faultfinding;

import io.answerback.core.loop.BandChart;
import io.answerback.core.loop.fault.MeasurementSetup;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.profile.Meaning;
import java.util.Optional;

/// What people notice of a fault, by what the panel reads.
///
/// @param trigger when
/// @param atRest what the panel reads at rest; empty where that is not promised
/// @param active what it reads when the device is active; empty where that is not promised
record Effect(Trigger trigger, Optional<Meaning> atRest, Optional<Meaning> active) {

    static Effect of(HiddenFault fault, FittedLoop planned, BandChart chart) {
        return new Effect(
                fault.trigger(),
                chart.reads(fault.reads(planned, MeasurementSetup.AT_REST, true).nominalOhms()),
                chart.reads(fault.reads(planned, MeasurementSetup.ACTIVE, true).nominalOhms()));
    }

    /// The complaint.
    ///
    /// @param name the point
    /// @param activeWord the word for its active state
    /// @param when since when or at which times, as people say it
    String words(String name, String activeWord, String when) {
        String complaint = atRest.map(
                        meaning -> meaning == Meaning.NORMAL ? quiet(name, activeWord) : loud(name, meaning))
                .orElse(name + verb(" has flickered", " flickers") + " between two states");
        return complaint + " " + when
                + (trigger.constant() || quiet() ? "." : ", and is normal again before anybody comes.");
    }

    private boolean quiet() {
        return atRest.filter(Meaning.NORMAL::equals).isPresent();
    }

    private String verb(String constant, String now) {
        return trigger.constant() ? constant : now;
    }

    private String loud(String name, Meaning meaning) {
        return name + verb(" has stood in ", " goes into ") + meaning.word();
    }

    private String quiet(String name, String activeWord) {
        if (active.filter(Meaning.NORMAL::equals).isPresent()) {
            return "The panel" + verb(" has not seen ", " does not see ") + name + " " + activeWord;
        }
        if (active.filter(Meaning.ALARM::equals).isPresent()) {
            return name + " works, but its reading" + verb(" has been", " is") + " wrong";
        }
        String seen = active.map(Meaning::word).orElse("no clear state");
        return "When " + activeWord + ", " + name + verb(" has given ", " gives ") + seen + " instead of alarm";
    }
}
