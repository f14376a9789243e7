package io.answerback.job;

/// The parts fitted in one point's loop.
///
/// @param scheme how they are put together
/// @param endOfLineOhms end-of-line resistor as marked, in ohms; not used by a closed loop
/// @param alarmOhms resistor across the alarm contact as marked, in ohms; used by a double end-of-line
/// @param tolerancePercent tolerance of both resistors, in percent either way
/// @param contactOhms resistance of one closed contact, in ohms
/// @param place where the end-of-line resistor sits
public record LoopWiring(
        SchemeKind scheme,
        double endOfLineOhms,
        double alarmOhms,
        double tolerancePercent,
        double contactOhms,
        ResistorPlace place) {
    /// @throws IllegalArgumentException when a value is out of bounds: resistors 0 to 1 MΩ, tolerance 0 to 20
    ///     %,
    ///     contact 0 to 1 kΩ
    public LoopWiring {
        Require.given(scheme, "loop scheme");
        Require.within(endOfLineOhms, 0, 1e6, "end-of-line resistor in ohms");
        Require.within(alarmOhms, 0, 1e6, "alarm resistor in ohms");
        Require.within(tolerancePercent, 0, 20, "resistor tolerance in percent");
        Require.within(contactOhms, 0, 1000, "contact resistance in ohms");
        Require.given(place, "place of the resistor");
    }

    /// The same parts put together as `other`.
    public LoopWiring withScheme(SchemeKind other) {
        return new LoopWiring(other, endOfLineOhms, alarmOhms, tolerancePercent, contactOhms, place);
    }

    /// The same loop with another end-of-line resistor, in ohms.
    public LoopWiring withEndOfLineOhms(double ohms) {
        return new LoopWiring(scheme, ohms, alarmOhms, tolerancePercent, contactOhms, place);
    }

    /// The same loop with another resistor across the alarm contact, in ohms.
    public LoopWiring withAlarmOhms(double ohms) {
        return new LoopWiring(scheme, endOfLineOhms, ohms, tolerancePercent, contactOhms, place);
    }

    /// The same loop with resistors of another tolerance, in percent.
    public LoopWiring withTolerancePercent(double percent) {
        return new LoopWiring(scheme, endOfLineOhms, alarmOhms, percent, contactOhms, place);
    }

    /// The same loop with its end-of-line resistor somewhere else.
    public LoopWiring withPlace(ResistorPlace other) {
        return new LoopWiring(scheme, endOfLineOhms, alarmOhms, tolerancePercent, contactOhms, other);
    }
}
