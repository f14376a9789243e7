package io.answerback.core.setup;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.loop.zone.Unprogrammed;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/// How a panel is to be set up, and how far it is.
///
/// @param sheet every entry
/// @param sounderMinutes for how long the panel makes sounders sound, decided or usual, in minutes
/// @param dead the points of zones that are wired and off, or in no area, by zone: too little is typed for them
public record SetupState(RunSheet sheet, double sounderMinutes, Map<Integer, Point> dead) {
    /// The set-up of a job.
    public static final Fact<SetupState> FACT = Fact.of("set-up", SetupState::of);

    public SetupState {
        dead = Collections.unmodifiableMap(new TreeMap<>(dead));
    }

    /// The set-up of a job.
    public static SetupState of(Parts job) {
        return new SetupState(RunSheet.of(job), new Intent(job).sounderMinutes(), Unprogrammed.of(job));
    }
}
