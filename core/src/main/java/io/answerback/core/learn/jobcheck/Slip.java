package io.answerback.core.learn.jobcheck;

import io.answerback.core.loop.fault.Cause;

/// What can be wrong with one point when a job is taken to be finished.
enum Slip {
    /// Nothing.
    NONE("as planned", Cause.SOUND),
    /// The end-of-line resistor has another value.
    RESISTOR("wrong end-of-line resistor", Cause.WRONG_RESISTOR),
    /// A core is loose.
    LOOSE("loose core", Cause.CUT),
    /// The contact does not move.
    STUCK("contact that sticks", Cause.CONTACT_STICKS),
    /// The zone is typed as another type.
    TYPE("wrong type of zone", Cause.SOUND),
    /// The zone is typed into another area.
    AREA("wrong area", Cause.SOUND),
    /// The zone was never typed.
    OFF("zone left unused", Cause.SOUND);

    private final String words;
    private final Cause cause;

    Slip(String words, Cause cause) {
        this.words = words;
        this.cause = cause;
    }

    /// It in plain words.
    String words() {
        return words;
    }

    /// What it is in the loop.
    Cause cause() {
        return cause;
    }
}
