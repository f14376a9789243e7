package io.answerback.core.engine.finding;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.CableInstallation.Progress;

/// Whether work of a sort has begun on a job. What is missing before is not done yet; what is missing afterwards
/// contradicts what was done.
public final class Begun {
    private static final Fact<Boolean> WIRING = Fact.of("wiring begun", Begun::anythingWired);
    private static final Fact<Boolean> SIGNALLING =
            Fact.of("signalling begun", facts -> !facts.proofs().isEmpty());
    private static final Fact<Boolean> PROGRAMMING = Fact.of(
            "programming begun",
            facts -> !facts.setup().typed().isEmpty() || !facts.setup().codes().isEmpty() || facts.of(SIGNALLING));
    private static final Fact<Boolean> REPORTING =
            Fact.of("reporting begun", facts -> !facts.receivers().isEmpty() || facts.of(PROGRAMMING));

    private Begun() {}

    private static boolean anythingWired(Facts facts) {
        return !facts.measurements().isEmpty()
                || facts.cables().stream()
                        .anyMatch(cable -> cable.installation().progress() != Progress.PLANNED
                                || !cable.installation().terminated().isEmpty());
    }

    /// Whether a cable is in place or a loop was measured.
    public static boolean wiring(Facts facts) {
        return facts.of(WIRING);
    }

    /// Whether anything was typed into the panel, a code was noted, or a signal was answered, which no panel
    /// sends that was not set up.
    public static boolean programming(Facts facts) {
        return facts.of(PROGRAMMING);
    }

    /// Whether a receiver is there to be sent to, or the panel is being programmed.
    public static boolean reporting(Facts facts) {
        return facts.of(REPORTING);
    }
}
