package io.answerback.station;

import java.util.Locale;

/// Ways a station can be told to misbehave, so that retries and fail-over are seen working.
public enum Misbehaviour {
    /// It behaves.
    NONE("behaves"),
    /// It takes everything and answers nothing.
    SILENT("answers nothing"),
    /// It answers three seconds late.
    SLOW("answers three seconds late"),
    /// It refuses everything.
    NAK("refuses everything (NAK)"),
    /// It understands nothing.
    DUH("understands nothing (DUH)"),
    /// It answers nothing to every n-th frame.
    DROP("answers nothing to every n-th frame"),
    /// Its own clock is an hour fast, so it refuses every frame with a time stamp.
    WRONG_TIME("has a clock that is an hour fast"),
    /// It acknowledges another sequence number.
    WRONG_SEQUENCE("acknowledges another sequence number"),
    /// It sends the first half of each answer.
    HALF("sends half an answer"),
    /// It closes each connection at once.
    CLOSE("closes at once"),
    /// It sends each answer twice.
    TWICE("answers twice");

    private final String words;

    Misbehaviour(String words) {
        this.words = words;
    }

    /// What it does, in plain words.
    public String words() {
        return words;
    }

    /// What the command line calls it, such as "wrong-time".
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
