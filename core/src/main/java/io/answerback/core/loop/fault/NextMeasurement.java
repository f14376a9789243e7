package io.answerback.core.loop.fault;

/// What to measure next.
///
/// @param setup how to put the loop
/// @param bits how much it is expected to tell, in bits: 1 halves the doubt
public record NextMeasurement(MeasurementSetup setup, double bits) {
    /// What it tells for what it costs: shutting a door and reading again is done at once, bridging the far end
    /// is a walk and a ladder.
    double bitsPerMinute() {
        return bits / setup.minutes();
    }
}
