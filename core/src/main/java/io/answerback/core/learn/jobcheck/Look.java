package io.answerback.core.learn.jobcheck;

/// What is done to look at it.
enum Look {
    /// The device is made active while the station reads along.
    WALK("walk", 4),
    /// The loop is read with its cores lifted, at rest and active.
    READ("read", 6),
    /// The entries of its zone are read back at the keypad.
    ENTRY("entry", 2);

    private final String id;
    private final double minutes;

    Look(String id, double minutes) {
        this.id = id;
        this.minutes = minutes;
    }

    double minutes() {
        return minutes;
    }

    String id() {
        return id;
    }
}
