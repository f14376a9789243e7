package io.answerback.core.fault;

/// What to measure next.
///
/// @param setup how to put the loop
/// @param bits how much it is expected to tell, in bits: 1 halves the doubt
public record NextMeasurement(MeasurementSetup setup, double bits) {}
