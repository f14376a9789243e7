package io.answerback.station;

/// Ways a station can be told to misbehave, so that retries are seen working.
public enum Misbehaviour {
    /// It behaves.
    NONE,
    /// It takes everything and answers nothing.
    SILENT,
    /// It answers three seconds late.
    SLOW,
    /// It refuses everything.
    NAK,
    /// It understands nothing.
    DUH,
    /// It answers only every second frame.
    DROP
}
