package io.answerback.loop;

import io.answerback.job.Cable;
import io.answerback.job.LoopWiring;
import io.answerback.job.ResistorPlace;
import java.util.ArrayList;
import java.util.List;

/// Puts the parts of one loop together as the panel's terminals see them.
public final class LoopNetwork {
    private LoopNetwork() {}

    /// The whole loop in one case.
    ///
    /// @param wiring the parts that were fitted
    /// @param cable the pair to the device
    /// @param loopCase what the device is doing and what has become of the cable
    /// @param dampJointOhms the leak a damp joint makes, in ohms
    public static LoopPart of(LoopWiring wiring, Cable cable, LoopCase loopCase, double dampJointOhms) {
        LoopScheme scheme = LoopScheme.of(wiring.scheme());
        LoopPart contacts = scheme.contacts(wiring, loopCase.device());
        if (!scheme.hasEndOfLine()) {
            return field(cable, loopCase, contacts, dampJointOhms);
        }
        LoopPart resistor = loopCase.cable() == CableState.NO_RESISTOR
                ? scheme.leftOut()
                : new LoopPart.Resistor(wiring.endOfLineOhms(), wiring.tolerancePercent());
        return wiring.place() == ResistorPlace.IN_PANEL
                ? scheme.joined(field(cable, loopCase, contacts, dampJointOhms), resistor)
                : field(cable, loopCase, scheme.joined(contacts, resistor), dampJointOhms);
    }

    private static LoopPart field(Cable cable, LoopCase loopCase, LoopPart farEnd, double dampJointOhms) {
        var run = new LoopPart.CableRun(
                cable.metres(), cable.conductor(), cable.coldestCelsius(), cable.hottestCelsius());
        return switch (loopCase.cable()) {
            case SOUND, NO_RESISTOR -> LoopPart.Series.of(run, farEnd);
            case CUT -> LoopPart.Series.of(run, new LoopPart.Cut());
            case SHORT_AT_DEVICE -> LoopPart.Series.of(run, new LoopPart.Short());
            case SHORT_AT_PANEL -> new LoopPart.Short();
            case DAMP -> LoopPart.Series.of(run, LoopPart.Parallel.of(new LoopPart.Leak(dampJointOhms), farEnd));
        };
    }

    /// Every case of this wiring, device states first: rest, active, cover off; then cut, short at the device,
    /// short at the panel, resistor left out, and a damp joint with the device at rest and active.
    public static List<LoopCase> cases(LoopWiring wiring) {
        LoopScheme scheme = LoopScheme.of(wiring.scheme());
        List<LoopCase> cases = new ArrayList<>();
        for (DeviceState device : scheme.deviceStates()) {
            cases.add(
                    switch (device) {
                        case AT_REST -> LoopCase.AT_REST;
                        case ACTIVE -> LoopCase.ACTIVE;
                        case COVER_OFF -> LoopCase.COVER_OFF;
                    });
        }
        cases.add(new LoopCase("cable-cut", DeviceState.AT_REST, CableState.CUT));
        cases.add(new LoopCase("short-at-device", DeviceState.AT_REST, CableState.SHORT_AT_DEVICE));
        cases.add(new LoopCase("short-at-panel", DeviceState.AT_REST, CableState.SHORT_AT_PANEL));
        if (scheme.hasEndOfLine()) {
            cases.add(new LoopCase("no-resistor", DeviceState.AT_REST, CableState.NO_RESISTOR));
        }
        cases.add(new LoopCase("damp-at-rest", DeviceState.AT_REST, CableState.DAMP));
        cases.add(new LoopCase("damp-active", DeviceState.ACTIVE, CableState.DAMP));
        return List.copyOf(cases);
    }
}
