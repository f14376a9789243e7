package io.answerback.core.site;

import io.answerback.core.cable.CableInstallation.Progress;

/// Whether work of a sort has begun on a job. What is missing before is not done yet; what is missing afterwards
/// contradicts what was done.
public final class Begun {
    private Begun() {}

    /// Whether anything is wired: a cable is in place, a loop was measured, or something is across an unused
    /// input.
    public static boolean wiring(Parts job) {
        return !job.measurements().isEmpty()
                || job.cables().stream()
                        .anyMatch(cable -> cable.installation().progress() != Progress.PLANNED
                                || !cable.installation().terminated().isEmpty());
    }

    /// Whether anything was typed into the panel, or a signal was answered, which no panel sends that was not
    /// set up.
    public static boolean programming(Parts job) {
        return !job.setup().typed().isEmpty() || !job.setup().codes().isEmpty() || signalling(job);
    }

    /// Whether a signal was answered, or a receiver is there to be sent to.
    public static boolean reporting(Parts job) {
        return signalling(job) || !job.receivers().isEmpty();
    }

    private static boolean signalling(Parts job) {
        return !job.proofs().isEmpty();
    }
}
