package io.answerback.core.faultfinding;

import io.answerback.core.fault.MeasurementSetup;
import io.answerback.core.loop.BandChart;
import io.answerback.core.profile.Meaning;
import io.answerback.core.scheme.FittedLoop;
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

    /// What is said of it.
    ///
    /// @param name the point
    /// @param active the word for its active state
    String words(String name, String active, String when) {
        return atRest.map(meaning -> meaning == Meaning.NORMAL ? quiet(name, active, when) : loud(name, meaning, when))
                .orElse(Character.toUpperCase(name.charAt(0)) + name.substring(1) + " flickers between two states "
                        + when + ".");
    }

    private String loud(String name, Meaning meaning, String when) {
        String verb = trigger == Trigger.ALWAYS ? " has stood in " : " goes into ";
        return name + verb + meaning.word() + " " + when
                + (trigger == Trigger.ALWAYS ? "." : ", and is fine when I get there.");
    }

    private String quiet(String name, String active, String when) {
        Optional<Meaning> seen = this.active;
        if (seen.filter(Meaning.NORMAL::equals).isPresent()) {
            return name + " is not seen at all when it is " + active + ", " + when + ".";
        }
        return seen.filter(Meaning.ALARM::equals).isPresent()
                ? name + " works, but its reading at the yearly service was not what it should be" + ending(when)
                : name + " gives " + seen.map(Meaning::word).orElse("no clear state") + " instead of alarm when it is "
                        + active + ", " + when + ".";
    }

    private String ending(String when) {
        return trigger == Trigger.ALWAYS ? "." : " " + when + ".";
    }
}
