package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.profile.SchemeBands;
import io.soabase.recordbuilder.core.RecordBuilder;

/// The parts fitted in one point's loop. A scheme passes over the values it has no place for.
///
/// @param scheme how they are put together
/// @param endOfLineOhms end-of-line resistor as marked, in ohms
/// @param alarmOhms resistor of the alarm contact as marked, in ohms: across it, or in its branch where two
///     zones share an input; of a two-wire loop, what one tripped detector amounts to
/// @param secondOhms resistor of the second contact as marked, in ohms: the fault or masking contact of a
///     triple end-of-line, the other zone's where two share an input; of a two-wire loop, what one quiet
///     detector amounts to
/// @param tolerancePercent tolerance of all resistors, in percent either way
/// @param contactOhms resistance of one closed contact, in ohms
/// @param place where the end-of-line resistor sits
/// @param supplyRelay whether a relay that watches the supply of the detectors opens the loop when they lose it
@RecordBuilder
public record LoopWiring(
        SchemeKind scheme,
        double endOfLineOhms,
        double alarmOhms,
        double secondOhms,
        double tolerancePercent,
        double contactOhms,
        ResistorPlace place,
        boolean supplyRelay)
        implements LoopWiringBuilder.With {
    /// @throws IllegalArgumentException when a value is out of bounds: resistors 0 to 1 MΩ, tolerance 0 to 20
    ///     %, contact 0 to 1 kΩ
    public LoopWiring {
        Require.given(scheme, "loop scheme");
        Require.within(endOfLineOhms, 0, 1e6, "end-of-line resistor in ohms");
        Require.within(alarmOhms, 0, 1e6, "alarm resistor in ohms");
        Require.within(secondOhms, 0, 1e6, "second contact's resistor in ohms");
        Require.within(tolerancePercent, 0, 20, "resistor tolerance in percent");
        Require.within(contactOhms, 0, 1000, "contact resistance in ohms");
        Require.given(place, "place of the resistor");
    }

    /// The same parts in the values a panel expects of a scheme; what the scheme has no place for stays.
    public LoopWiring expectedBy(SchemeBands bands) {
        SchemeKind kind = bands.scheme();
        return new LoopWiring(
                kind,
                kind.has(SchemeKind.Part.END_OF_LINE) ? bands.endOfLineOhms() : endOfLineOhms,
                kind.has(SchemeKind.Part.ALARM) ? bands.alarmOhms() : alarmOhms,
                kind.has(SchemeKind.Part.SECOND) ? bands.secondOhms() : secondOhms,
                tolerancePercent,
                contactOhms,
                place,
                supplyRelay);
    }
}
